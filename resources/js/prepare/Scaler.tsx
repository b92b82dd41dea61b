import { type FormEvent, useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import type { Sheet, Wanted } from "./recipe";

type Props = {
  sheet: Sheet;
  wanted: Wanted;
  want: (wanted: Wanted) => void;
  /** another size is being worked out, and this is the one before */
  isWorking: boolean;
  problem: string | undefined;
};

/** How much of the recipe: smaller, larger, or so that something is used up. */
export default function Scaler({ sheet, wanted, want, isWorking, problem }: Props) {
  const { t } = useTranslation();
  const [line, setLine] = useState("");
  const [grams, setGrams] = useState("");
  const [typed, setTyped] = useState<string>();
  const go = (factor: string | null) => {
    setTyped(undefined);
    if (factor !== null) want({ ...(wanted.section ? { section: wanted.section } : {}), factor });
  };
  // A step that is pressed while the one before is worked out is taken after it: three presses are three steps.
  const queued = useRef(0);
  const step = (by: 1 | -1) => {
    if (isWorking) queued.current += by;
    else go(by === 1 ? sheet.more : sheet.less);
  };
  useEffect(() => {
    if (isWorking || queued.current === 0) return;
    const by = queued.current > 0 ? 1 : -1;
    queued.current -= by;
    go(by === 1 ? sheet.more : sheet.less);
  });
  const type = (event: FormEvent) => {
    event.preventDefault();
    if (typed?.trim()) go(typed.trim());
  };
  const measured = sheet.lines.filter((one) => one.scaled);
  const chosen = measured.find((one) => one.id === line) ?? measured[0];
  const spend = (event: FormEvent) => {
    event.preventDefault();
    if (chosen) want({ use_up_line: chosen.id, use_up_g: grams.replace(",", ".") });
  };
  return (
    <div className="scale-box">
      <form className="scaler" aria-label={t("recipe.factor")} onSubmit={type} noValidate>
        <button type="button" aria-label={t("recipe.less")} disabled={sheet.less === null} onClick={() => step(-1)}>
          −
        </button>
        <label className="scaler-typed">
          <span aria-hidden="true">×</span>
          <input
            aria-label={t("recipe.factor")}
            value={typed ?? sheet.factor}
            maxLength={20}
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
            onBlur={type}
          />
        </label>
        <button type="button" aria-label={t("recipe.more")} disabled={sheet.more === null} onClick={() => step(1)}>
          +
        </button>
      </form>
      {chosen && (
        <details
          className="use-up"
          onKeyDown={(event) => {
            if (event.key !== "Escape") return;
            event.currentTarget.open = false;
            event.currentTarget.querySelector("summary")?.focus();
          }}
        >
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
