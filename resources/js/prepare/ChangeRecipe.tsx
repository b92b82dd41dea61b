import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import client, { asProblem, body } from "../api/client";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import type { Sheet } from "./recipe";

/** Another version of a recipe, with what changed and why. Labs keep the version they were made from. */
export default function ChangeRecipe({ sheet, done }: { sheet: Sheet; done: () => void }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const queries = useQueryClient();
  const [text, setText] = useState(sheet.text);
  const [note, setNote] = useState("");
  const changing = useMutation({
    mutationFn: () =>
      body(
        client.POST("/api/recipes/{recipe}/versions", {
          params: { path: { recipe: sheet.id } },
          body: { text, note },
        }),
      ),
    onSuccess: () => {
      queries.invalidateQueries();
      done();
    },
  });
  const archiving = useMutation({
    mutationFn: async () =>
      void (await client.POST("/api/recipes/{recipe}/archive", { params: { path: { recipe: sheet.id } } })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ["recipes"] });
      go("/prepare");
    },
  });
  const problem = changing.isError ? asProblem(changing.error) : undefined;
  const says = problem && (problem.fields.text?.[0] ?? problem.fields.title?.[0] ?? problem.message);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    changing.mutate();
  };
  return (
    <main className="desk">
      <h1>{sheet.title}</h1>
      <form onSubmit={keep} noValidate>
        <label className="field">
          <span>{t("recipe.change")}</span>
          <textarea
            className="paste"
            rows={20}
            value={text}
            aria-invalid={says !== undefined}
            aria-describedby="change-problem"
            onChange={(event) => setText(event.target.value)}
          />
          <FieldProblem id="change-problem">{says}</FieldProblem>
        </label>
        <div className="pt-4">
          <Field
            label={t("recipe.changeNote")}
            value={note}
            maxLength={200}
            problem={problem?.fields.note?.[0]}
            onChange={(event) => setNote(event.target.value)}
          />
        </div>
        <p className="flex flex-wrap gap-2 pt-4">
          <button type="submit" className="btn btn-primary h-12 px-6" aria-busy={changing.isPending}>
            {t("recipe.saveVersion", { number: sheet.version + 1 })}
          </button>
          <button type="button" className="btn btn-outline h-12" onClick={done}>
            {t("recipe.cancel")}
          </button>
          <button type="button" className="quiet ml-auto" onClick={() => archiving.mutate()}>
            {t("recipe.archive")}
          </button>
        </p>
      </form>
    </main>
  );
}
