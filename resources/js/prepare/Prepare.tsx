import "../../css/prepare.css";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import client, { asProblem, body } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import { useDay } from "../kit/useDay";

/** Paste a recipe; the kitchen's recipes; the labs being prepared. */
export default function Prepare() {
  const { t } = useTranslation();
  return (
    <main className="desk">
      <h1>{t("prepare.title")}</h1>
      <PasteBox />
      <div className="grid content-start gap-9">
        <Recipes />
        <Labs />
        <TakeIn />
      </div>
    </main>
  );
}

function PasteBox() {
  const { t } = useTranslation();
  const go = useNavigate();
  const queries = useQueryClient();
  const [text, setText] = useState("");
  const [title, setTitle] = useState("");
  const keeping = useMutation({
    mutationFn: () => body(client.POST("/api/recipes", { body: { text, title } })),
    onSuccess: ({ id }) => {
      queries.invalidateQueries({ queryKey: ["recipes"] });
      go(`/recipes/${id}`);
    },
  });
  const problem = keeping.isError ? asProblem(keeping.error) : undefined;
  const says = problem && !problem.fields.title ? (problem.fields.text?.[0] ?? problem.message) : undefined;
  const keep = (event: FormEvent) => {
    event.preventDefault();
    keeping.mutate();
  };
  return (
    <form onSubmit={keep} noValidate>
      <label className="field">
        <span>{t("prepare.paste")}</span>
        <textarea
          className="paste"
          rows={11}
          value={text}
          placeholder={t("prepare.placeholder")}
          aria-invalid={says !== undefined}
          aria-describedby="paste-hint paste-problem"
          onChange={(event) => {
            keeping.reset();
            setText(event.target.value);
          }}
        />
        <small id="paste-hint" className="soft mt-1 block text-[1rem]">
          {t("prepare.pasteHint")}
        </small>
        <FieldProblem id="paste-problem">{says}</FieldProblem>
      </label>
      <div className="max-w-md pt-4">
        <Field
          label={t("prepare.name")}
          value={title}
          maxLength={120}
          problem={problem?.fields.title?.[0]}
          onChange={(event) => {
            keeping.reset();
            setTitle(event.target.value);
          }}
        />
      </div>
      <button type="submit" className="btn btn-primary mt-4 h-12 px-8 text-[1.0625rem]" aria-busy={keeping.isPending}>
        {t("prepare.keep")}
      </button>
    </form>
  );
}

function Recipes() {
  const { t } = useTranslation();
  const day = useDay();
  const recipes = useQuery({ queryKey: ["recipes"], queryFn: () => body(client.GET("/api/recipes")) });
  return (
    <section>
      <h2 className="h2rim">{t("prepare.recipes")}</h2>
      {recipes.isPending && <Loading />}
      {recipes.isError && <ProblemNote error={recipes.error} retry={recipes.refetch} />}
      {recipes.data?.length === 0 && <p className="py-3">{t("prepare.noRecipes")}</p>}
      <ul>
        {recipes.data?.map((recipe) => (
          <li key={recipe.id}>
            <Link className="desk-row" to={`/recipes/${recipe.id}`}>
              <b>{recipe.title}</b>
              <span className="soft">
                {t("prepare.lines", { count: recipe.ingredients })}, {t("prepare.version", { number: recipe.version })},{" "}
                {t("prepare.changed", { day: day(recipe.changed_at) })}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Labs() {
  const { t } = useTranslation();
  const day = useDay();
  const today = useQuery({ queryKey: ["today"], queryFn: () => body(client.GET("/api/today")) });
  const labs = today.data?.sections.flatMap((section) =>
    section.labs.filter((lab) => lab.state === "prepared").map((lab) => ({ ...lab, section: section.name })),
  );
  return (
    <section>
      <h2 className="h2rim">{t("prepare.labs")}</h2>
      {labs?.length === 0 && <p className="py-3">{t("prepare.noLabs")}</p>}
      <ul>
        {labs?.map((lab) => (
          <li key={lab.id}>
            <Link className="desk-row" to={`/labs/${lab.id}/prepare`}>
              <b>{lab.title}</b>
              <span className="soft">
                {lab.section}, {t("prepare.plannedFor", { day: day(lab.planned_for) })}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A lab somebody shared, for the first class; it is prepared, not open. */
function TakeIn() {
  const { t } = useTranslation();
  const go = useNavigate();
  const queries = useQueryClient();
  const today = useQuery({ queryKey: ["today"], queryFn: () => body(client.GET("/api/today")) });
  const section = today.data?.sections[0]?.id ?? 0;
  const taking = useMutation({
    mutationFn: (text: string) => body(client.POST("/api/labs", { body: { section, text } })),
    onSuccess: ({ id }) => {
      queries.invalidateQueries();
      go(`/labs/${id}/prepare`);
    },
  });
  const problem = taking.isError ? asProblem(taking.error) : undefined;
  return (
    <section>
      <h2 className="h2rim">{t("prepare.takeIn")}</h2>
      <label className="field pt-3">
        <span className="unseen">{t("prepare.takeInFile")}</span>
        <input
          type="file"
          accept=".json,application/json"
          onChange={async (event) => {
            const [file] = event.target.files ?? [];
            if (file) taking.mutate(await file.text());
          }}
        />
        <FieldProblem>{problem && (problem.fields.text?.[0] ?? problem.message)}</FieldProblem>
      </label>
    </section>
  );
}
