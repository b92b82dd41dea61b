import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { type Body, useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import SendButton from "../kit/SendButton";
import ClassPick from "../shell/ClassPick";
import { useClassHere } from "../shell/useClassHere";
import type { Sheet } from "./recipe";

type Shared = Body<"post", "/api/recipes/{recipe}/labs">["for"];

/** A lab from this recipe at this size, for a class and a day. */
export default function MakeLab({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const { sections } = useClassHere();
  const [section, setSection] = useState<number>(sheet.section.id);
  const [chosenDay, setDay] = useState<string>();
  const day = chosenDay ?? sections.find((one) => one.id === section)?.next_day ?? "";
  const [chosen, choose] = useState<Shared>();
  const isAsked = sheet.section.stations > 1;
  const option = sheet.labs.find((one) => one.for === chosen);
  const making = useSend("post", "/api/recipes/{recipe}/labs", {
    onSuccess: ({ id }) => {
      refresh.of("/api/today");
      go(`/labs/${id}/prepare`);
    },
  });
  const make = (event: FormEvent) => {
    event.preventDefault();
    // With one station both are the same; with more, nothing chosen is refused in words.
    const shared = (isAsked ? (chosen ?? null) : "station") as Shared;
    making.send({
      params: { path: { recipe: sheet.id } },
      body: { section, planned_for: day, factor: sheet.factor, for: shared },
    });
  };
  return (
    <section>
      <h2 className="h2rim">{t("recipe.makeLab")}</h2>
      <form className="grid gap-3 pt-3" onSubmit={make} noValidate>
        <ClassPick value={section} choose={setSection} />
        <Field
          label={t("recipe.day")}
          type="date"
          value={day}
          problem={making.at("planned_for")}
          onChange={(event) => setDay(event.target.value)}
        />
        {isAsked && (
          <fieldset className="who-makes">
            <legend>
              <KitchenFraction>{t("recipe.whoMakes", { factor: sheet.factor })}</KitchenFraction>
            </legend>
            {sheet.labs.map((one) => (
              <label key={one.for}>
                <input
                  type="radio"
                  name="who-makes"
                  className="radio"
                  checked={one.for === chosen}
                  onChange={() => choose(one.for)}
                />
                <span>
                  <b>{t(`recipe.makes_${one.for}`)}</b>
                  <small>
                    <KitchenFraction>{t("recipe.makesHow", { each: one.each, all: one.all })}</KitchenFraction>
                  </small>
                </span>
              </label>
            ))}
            <FieldProblem>{making.at("for")}</FieldProblem>
          </fieldset>
        )}
        {option && (
          <details className="to-buy" open>
            <summary>{t("recipe.toBuy", { percent: sheet.retry_pct })}</summary>
            <ul>
              {option.supplies.map((one) => (
                <li key={one.name}>
                  <span>{one.name}</span>
                  <b className="num">{shown(one.grams, one.decimals, i18n.language)} g</b>
                </li>
              ))}
            </ul>
          </details>
        )}
        <SendButton className="btn btn-primary h-12 text-[1.0625rem]" isPending={making.isPending}>
          {t("recipe.makeLab")}
        </SendButton>
        {!making.at("planned_for") && !making.at("for") && <FieldProblem>{making.says}</FieldProblem>}
      </form>
    </section>
  );
}
