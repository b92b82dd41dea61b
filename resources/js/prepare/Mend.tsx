import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { asProblem } from "../api/client";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import { type SheetLine, usePantryNames, useSettle } from "./recipe";

type Props = { recipe: number; line: SheetLine; done: () => void };

/** What a line means, said by the teacher: ingredient, amount, method; or left out; or back to how it was read. */
export default function Mend({ recipe, line, done }: Props) {
  const { t } = useTranslation();
  const names = usePantryNames(true);
  const settling = useSettle(recipe);
  const first = line.settled ?? line.choices[0]?.settled;
  const [ingredient, setIngredient] = useState(first?.ingredient ?? "");
  const [amount, setAmount] = useState(first?.amount ?? "");
  const [unit, setUnit] = useState(first?.unit ?? "cup");
  const [method, setMethod] = useState(first?.method ?? "");
  const problem = settling.isError ? asProblem(settling.error) : undefined;
  const at = (field: string) => problem?.fields[field]?.[0];
  const settle = (event: FormEvent) => {
    event.preventDefault();
    settling.mutate(
      { index: line.index, answer: { as: "settled", ingredient, amount, unit, method: method || null } },
      { onSuccess: done },
    );
  };
  const answer = (as: "left-out" | "read") =>
    settling.mutate({ index: line.index, answer: { as } }, { onSuccess: done });
  const sameIngredient = ingredient === line.settled?.ingredient || ingredient === first?.ingredient;

  return (
    <form className="mend" onSubmit={settle} noValidate aria-label={t("recipe.mendLine", { text: line.text })}>
      <label className="field">
        <span>{t("recipe.pick")}</span>
        <select
          // biome-ignore lint/a11y/noAutofocus: the line was opened to be mended
          autoFocus
          value={ingredient}
          aria-invalid={at("ingredient") !== undefined}
          onChange={(event) => setIngredient(event.target.value)}
        >
          <option value="">…</option>
          {names.data?.ingredients.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
        <FieldProblem>{at("ingredient")}</FieldProblem>
      </label>
      <Field
        label={t("recipe.number")}
        value={amount}
        maxLength={40}
        autoComplete="off"
        problem={at("amount")}
        onChange={(event) => setAmount(event.target.value)}
      />
      <label className="field">
        <span>{t("recipe.unit")}</span>
        <select value={unit} aria-invalid={at("unit") !== undefined} onChange={(event) => setUnit(event.target.value)}>
          {names.data?.units.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
        <FieldProblem>{at("unit")}</FieldProblem>
      </label>
      {line.methods.length > 0 && sameIngredient && (
        <label className="field">
          <span>{t("recipe.method")}</span>
          <select value={method} onChange={(event) => setMethod(event.target.value)}>
            <option value="">{t("recipe.byClass")}</option>
            {line.methods.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
          <FieldProblem>{at("method")}</FieldProblem>
        </label>
      )}
      <p className="flex flex-wrap items-center gap-2">
        <button type="submit" className="btn btn-now" aria-busy={settling.isPending}>
          {t("recipe.settleIt")}
        </button>
        {!line.skip && (
          <button type="button" className="btn btn-outline" onClick={() => answer("left-out")}>
            {t("recipe.leaveOut")}
          </button>
        )}
        {(line.mended || line.skip) && (
          <button type="button" className="btn btn-outline" onClick={() => answer("read")}>
            {t("recipe.undo")}
          </button>
        )}
        <button type="button" className="quiet" onClick={done}>
          {t("recipe.close")}
        </button>
      </p>
      {problem && Object.keys(problem.fields).length === 0 && <FieldProblem>{problem.message}</FieldProblem>}
    </form>
  );
}
