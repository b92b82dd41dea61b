import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useRefresh } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import NewFood from "../pantry/NewFood";
import { usePantryNames } from "../pantry/names";
import FoodPicker from "./FoodPicker";
import { type Answer, type SheetLine, useSettle } from "./recipe";

type Settled = Required<Answer>;
type Props = { recipe: number; line: SheetLine; done: () => void };

/** What a line means, said by the teacher: ingredient, amount, method; or left out; or back to how it was read. */
export default function Mend({ recipe, line, done }: Props) {
  const { t } = useTranslation();
  const names = usePantryNames();
  const settling = useSettle(recipe);
  const first = line.settled ?? line.choices[0]?.settled;
  const [ingredient, setIngredient] = useState(first?.ingredient ?? "");
  const [amount, setAmount] = useState(first?.amount ?? line.said?.amount ?? "");
  const [unit, setUnit] = useState<Settled["unit"]>(first?.unit ?? line.said?.unit ?? "cup");
  const [method, setMethod] = useState<Settled["method"]>(first?.method ?? null);
  const [adding, setAdding] = useState(false);
  const refresh = useRefresh();
  const { at, problem } = settling;
  const settle = (event: FormEvent) => {
    event.preventDefault();
    const own = ingredient === line.settled?.ingredient ? line.settled.g_per_us_cup : null; // of this food only
    settling.settle(line.id, { as: "settled", ingredient, amount, unit, method, g_per_us_cup: own }, done);
  };
  const answer = (as: "left-out" | "heading" | "read") => settling.settle(line.id, { as }, done);
  const sameIngredient = ingredient === line.settled?.ingredient || ingredient === first?.ingredient;

  if (adding)
    return (
      <div className="mend">
        <NewFood
          named={line.name ?? ""}
          done={(id) => {
            // Under its own name the line reads as it from now on; under another it is chosen.
            setIngredient(id);
            setAdding(false);
            refresh.of("/api/recipes/{recipe}");
          }}
        />
        <button type="button" className="quiet" onClick={() => setAdding(false)}>
          {t("recipe.close")}
        </button>
      </div>
    );
  return (
    <form className="mend" onSubmit={settle} noValidate aria-label={t("recipe.mendLine", { text: line.text })}>
      <FoodPicker
        foods={names.data?.ingredients ?? []}
        value={ingredient}
        sought=""
        problem={at("ingredient")}
        choose={setIngredient}
      />
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
        <select
          value={unit}
          aria-invalid={at("unit") !== undefined}
          onChange={(event) => setUnit(event.target.value as Settled["unit"])}
        >
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
          <select
            value={method ?? ""}
            onChange={(event) => setMethod((event.target.value || null) as Settled["method"])}
          >
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
        <SendButton className="btn btn-now" isPending={settling.isPending}>
          {t("recipe.settleIt")}
        </SendButton>
        {!line.skip && (
          <button type="button" className="btn btn-outline" onClick={() => answer("left-out")}>
            {t("recipe.leaveOut")}
          </button>
        )}
        {line.status !== "read" && (
          <button type="button" className="btn btn-outline" onClick={() => answer("heading")}>
            {t("recipe.isHeading")}
          </button>
        )}
        <button type="button" className="btn btn-outline" onClick={() => setAdding(true)}>
          {t("recipe.addFood")}
        </button>
        {(line.mended || line.skip || line.status === "heading") && (
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
