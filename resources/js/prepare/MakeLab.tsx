import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import client, { asProblem, body } from "../api/client";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import type { Sheet } from "./recipe";

const tomorrow = () => new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);

/** A lab from this recipe at this size, for a class and a day. */
export default function MakeLab({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const queries = useQueryClient();
  const today = useQuery({ queryKey: ["today"], queryFn: () => body(client.GET("/api/today")) });
  const [section, setSection] = useState<number>(sheet.section.id);
  const [day, setDay] = useState(tomorrow);
  const [chosen, choose] = useState<"class" | "station">();
  const isAsked = sheet.section.stations > 1;
  const option = sheet.labs.find((one) => one.for === chosen);
  const making = useMutation({
    mutationFn: () =>
      body(
        client.POST("/api/recipes/{recipe}/labs", {
          params: { path: { recipe: sheet.id } },
          // With one station both are the same.
          body: { section, planned_for: day, factor: sheet.factor, for: isAsked ? (chosen ?? null) : "station" },
        }),
      ),
    onSuccess: ({ id }) => {
      queries.invalidateQueries({ queryKey: ["today"] });
      go(`/labs/${id}/prepare`);
    },
  });
  const problem = making.isError ? asProblem(making.error) : undefined;
  const make = (event: FormEvent) => {
    event.preventDefault();
    making.mutate();
  };
  return (
    <section>
      <h2 className="h2rim">{t("recipe.makeLab")}</h2>
      <form className="grid gap-3 pt-3" onSubmit={make} noValidate>
        {(today.data?.sections.length ?? 0) > 1 && (
          <label className="field">
            <span>{t("recipe.class")}</span>
            <select value={section} onChange={(event) => setSection(Number(event.target.value))}>
              {today.data?.sections.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
        )}
        <Field
          label={t("recipe.day")}
          type="date"
          value={day}
          problem={problem?.fields.planned_for?.[0]}
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
            <FieldProblem>{problem?.fields.for?.[0]}</FieldProblem>
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
        <button
          type="submit"
          className="btn btn-primary h-12 text-[1.0625rem]"
          aria-busy={making.isPending}
          disabled={making.isPending}
        >
          {t("recipe.makeLab")}
        </button>
        {problem && !problem.fields.planned_for && !problem.fields.for && (
          <FieldProblem>{problem.message}</FieldProblem>
        )}
      </form>
    </section>
  );
}
