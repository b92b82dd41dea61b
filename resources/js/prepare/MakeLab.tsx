import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import client, { asProblem, body } from "../api/client";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import type { Sheet } from "./recipe";

const tomorrow = () => new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);

/** A lab from this recipe at this size, for a class and a day. */
export default function MakeLab({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const queries = useQueryClient();
  const today = useQuery({ queryKey: ["today"], queryFn: () => body(client.GET("/api/today")) });
  const [section, setSection] = useState<number>(sheet.section.id);
  const [day, setDay] = useState(tomorrow);
  const making = useMutation({
    mutationFn: () =>
      body(
        client.POST("/api/recipes/{recipe}/labs", {
          params: { path: { recipe: sheet.id } },
          body: { section, planned_for: day, factor: sheet.factor },
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
        <button type="submit" className="btn btn-primary h-12 text-[1.0625rem]" aria-busy={making.isPending}>
          {t("recipe.makeLab")}
        </button>
        {problem && !problem.fields.planned_for && <FieldProblem>{problem.message}</FieldProblem>}
      </form>
    </section>
  );
}
