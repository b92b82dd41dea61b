import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import type { Sheet, Wanted } from "./recipe";

/** Sizes a class is likely to want; others are typed by what is to be used up. */
const STEPS = ["1/6", "1/4", "1/3", "1/2", "2/3", "3/4", "1", "1 1/2", "2", "3", "4", "5", "6", "8", "10", "12"];

type Props = { sheet: Sheet; wanted: Wanted; want: (wanted: Wanted) => void; problem: string | undefined };

/** How much of the recipe: smaller, larger, or so that something is used up. */
export default function Scaler({ sheet, wanted, want, problem }: Props) {
  const { t } = useTranslation();
  const [line, setLine] = useState("");
  const [grams, setGrams] = useState("");
  const at = STEPS.indexOf(sheet.factor);
  const go = (by: number) => {
    const from = at === -1 ? STEPS.indexOf("1") : at;
    const factor = STEPS[Math.max(0, Math.min(STEPS.length - 1, from + by))] ?? "1";
    want({ ...(wanted.section ? { section: wanted.section } : {}), factor });
  };
  const measured = sheet.lines.filter((one) => one.scaled);
  const chosen = measured.find((one) => one.id === line) ?? measured[0];
  const spend = (event: FormEvent) => {
    event.preventDefault();
    if (chosen) want({ use_up_line: chosen.id, use_up_g: grams.replace(",", ".") });
  };
  return (
    <div className="scale-box">
      <fieldset className="scaler" aria-label={t("recipe.factor")}>
        <button type="button" aria-label={t("recipe.less")} disabled={at === 0} onClick={() => go(-1)}>
          −
        </button>
        <output aria-live="polite" className="running">
          <KitchenFraction>{t("recipe.times", { factor: sheet.factor })}</KitchenFraction>
        </output>
        <button type="button" aria-label={t("recipe.more")} disabled={at === STEPS.length - 1} onClick={() => go(1)}>
          +
        </button>
      </fieldset>
      {chosen && (
        <details className="use-up">
          <summary>{t("recipe.useUp")}</summary>
          <form onSubmit={spend} noValidate>
            <label className="field">
              <span className="unseen">{t("recipe.ingredient")}</span>
              <select value={chosen.id} onChange={(event) => setLine(event.target.value)}>
                {measured.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.reads_as}
                  </option>
                ))}
              </select>
            </label>
            <Field
              label={t("recipe.useUpGrams", { name: chosen.reads_as })}
              hint={t("recipe.useUpHint")}
              inputMode="decimal"
              maxLength={8}
              value={grams}
              onChange={(event) => setGrams(event.target.value)}
            />
            <button type="submit" className="btn btn-outline mt-2">
              {t("recipe.useUp")}
            </button>
          </form>
        </details>
      )}
      <FieldProblem>{problem}</FieldProblem>
    </div>
  );
}
