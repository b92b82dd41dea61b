import { useState } from "react";
import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import { type Answer, type SheetLine, useSettle } from "./recipe";

/** What one line leaves open, with answers to tap. */
export default function SettleQuestion({ recipe, line, number }: { recipe: number; line: SheetLine; number: number }) {
  const { t, i18n } = useTranslation();
  const settling = useSettle(recipe);
  const [always, setAlways] = useState(false);
  // A word that stands for several foods may mean one of them in this kitchen, once and for all.
  const isWord = line.questions.some(({ kind }) => kind);
  const theirs = line.settled && line.own_grams?.asks ? line.own_grams : null;
  const settle = (as: Partial<Answer>) =>
    settling.settle(line.id, { ...as, as: "settled", ...(always ? { always } : {}) });
  return (
    <div className={`settle ${line.open ? "open" : ""}`} data-settle id={`settle-${line.id}`}>
      <h4 className="running">
        <span className="ask-no num" aria-hidden="true">
          {number}
        </span>
        <KitchenFraction>{line.text}</KitchenFraction>
      </h4>
      {line.questions.map((question) => (
        <p key={question.id} className="running">
          <KitchenFraction>{question.text}</KitchenFraction>
        </p>
      ))}
      {line.own_grams?.asks && <p>{line.own_grams.asks}</p>}
      {theirs && (
        <>
          <button
            type="button"
            className="opt running"
            onClick={() => settle({ ...line.settled, g_per_us_cup: theirs.g_per_us_cup })}
          >
            <span>{t("recipe.theirGrams")}</span>
            <b className="num">{theirs.grams} g</b>
          </button>
          <button
            type="button"
            className="opt running"
            onClick={() => settling.settle(line.id, { as: "settled", ...line.settled })}
          >
            <span>{t("recipe.ourGrams")}</span>
          </button>
        </>
      )}
      {line.choices.map((choice) => (
        <button key={choice.label} type="button" className="opt running" onClick={() => settle(choice.settled)}>
          <span>
            <KitchenFraction>{choice.label}</KitchenFraction>
          </span>
          {choice.grams !== null && <b className="num">{shown(choice.grams, choice.decimals, i18n.language)} g</b>}
        </button>
      ))}
      {((isWord && line.choices.length > 0) || theirs) && (
        <label className="flex min-h-8 items-center gap-2 text-[0.9375rem]">
          <input type="checkbox" className="size-5" checked={always} onChange={() => setAlways(!always)} />
          {t("recipe.always")}
        </label>
      )}
      {line.open && line.choices.length === 0 && (
        <button type="button" className="opt" onClick={() => settling.settle(line.id, { as: "left-out" })}>
          {t("recipe.leaveOut")}
        </button>
      )}
      <FieldProblem>{settling.says}</FieldProblem>
    </div>
  );
}
