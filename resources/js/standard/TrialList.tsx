import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import { shown, signed } from "../kit/numbers";
import { asKept, type Page, type useStandard } from "./standard";

/** Trials in the order in which they were weighed: over and under their mean; one more is typed at the end. */
export default function TrialList({ page, standard }: { page: Page; standard: ReturnType<typeof useStandard> }) {
  const { t, i18n } = useTranslation();
  const [typed, type] = useState("");
  const trials = asKept(page).trials;
  const scale = page.scales.find((one) => one.id === page.scale_id);
  const decimals = scale?.decimals ?? 1;
  const add = (event: FormEvent) => {
    event.preventDefault();
    if (typed.trim() === "") return;
    standard.keep({ trials: [...trials, { grams: typed.trim(), weighing: null, where: null, left_out: false }] }, () =>
      type(""),
    );
  };
  const most = Math.max(...page.trials.map((one) => Math.abs(one.over_g)), 0.1);
  return (
    <section>
      <h2 className="h2rim">
        {t("standard.trials", { count: page.trials.length })} <small>{t("standard.trialsUnder")}</small>
      </h2>
      <ol className="trial-list">
        {page.trials.map((one, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: trials in order
          <li key={i} className={one.odd ? "is-odd" : ""}>
            <span className="num">{i + 1}</span>
            <b className="num">{shown(one.grams, decimals, i18n.language)} g</b>
            <svg viewBox="-50 0 100 20" width={100} height={20} fill="none" aria-hidden="true">
              <path d="M0 0V20" stroke="currentColor" strokeWidth={2.5} />
              <rect
                x={Math.min(0, (one.over_g / most) * 46)}
                y={5}
                width={Math.abs(one.over_g / most) * 46}
                height={10}
                fill={one.odd ? "var(--color-accent)" : "currentColor"}
                stroke="currentColor"
              />
            </svg>
            <span className="num soft">{page.found ? signed(one.over_g, 1, i18n.language) : ""}</span>
            <span className="soft">{one.where ?? ""}</span>
            <button
              type="button"
              className="quiet"
              aria-pressed={one.left_out}
              aria-label={t(one.left_out ? "standard.countThis" : "standard.leaveThis", { n: i + 1 })}
              onClick={() =>
                standard.keep({
                  trials: trials.map((other, j) => (j === i ? { ...other, left_out: !other.left_out } : other)),
                })
              }
            >
              {t(one.left_out ? "standard.count" : "standard.leave")}
            </button>
          </li>
        ))}
      </ol>
      <form onSubmit={add} className="trial-add">
        <label className="field">
          <span>{t("standard.oneMore", { tool: page.tool_said })}</span>
          <input
            inputMode="decimal"
            maxLength={8}
            value={typed}
            aria-invalid={standard.keeping.problem !== undefined}
            onChange={(event) => type(event.target.value)}
          />
        </label>
        <button type="submit" className="btn btn-outline" disabled={typed.trim() === ""}>
          {t("standard.add")}
        </button>
      </form>
      <FieldProblem>{standard.keeping.says}</FieldProblem>
    </section>
  );
}
