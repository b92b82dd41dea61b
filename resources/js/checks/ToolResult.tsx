import { useTranslation } from "react-i18next";
import { shown, signed } from "../kit/numbers";
import type { Result } from "./checks";
import SizeStrip from "./SizeStrip";
import TrueRim from "./TrueRim";

/** What a water check found: the screen is the cup, its own rim against the printed one. */
export default function ToolResult({ result }: { result: Result }) {
  const { t, i18n } = useTranslation();
  const decimals = result.printed_ml < 10 ? 2 : 1;
  const ml = (number: number) => shown(number, decimals, i18n.language);
  const size = result.deviation_pct < 0 ? "water.small" : "water.large";
  const least = Math.min(...result.readings);
  const span = Math.max(...result.readings) - least || 1;
  const isFull = result.verdict === "fit" || result.verdict === "use-with-correction";
  return (
    <main className="w-result">
      <section className={isFull ? "w-stage is-full" : "w-stage"}>
        <p className={result.deviation_pct > 0 ? "w-printed is-under" : "w-printed"}>
          {t(result.to === "rim" ? "water.printedRim" : "water.printedLine", { ml: ml(result.printed_ml) })}
        </p>
        <TrueRim deviation={result.deviation_pct} verdict={result.verdict} />
        <div className="w-said">
          <h1 className={`w-word is-${result.verdict}`}>{t(`toolVerdict.${result.verdict}`)}</h1>
          <p className="w-size">
            <b className="readout">
              {ml(result.true_ml)}
              <small>{"\u2009"}mL</small>
            </b>
            <span>
              <b>{t(size, { percent: shown(Math.abs(result.deviation_pct), 1, i18n.language) })}</b>
              <span className="num">{t("water.giveOrTake", { ml: ml(result.u_ml) })}</span>
            </span>
          </p>
        </div>
        <p className="w-gap soft">{t("water.gap")}</p>
      </section>
      <SizeStrip
        printed={result.printed_ml}
        size={result.true_ml}
        u={result.u_ml}
        tolerance={result.tolerance_pct}
        deviation={result.deviation_pct}
        uPct={result.u_pct}
      />
      <div className="w-why">
        <section>
          <h2 className="h2rim">{t("water.readings", { count: result.readings.length })}</h2>
          <ol className="w-readings">
            {result.readings.map((grams, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: readings in order
              <li key={i}>
                <span>{i + 1}</span>
                <svg viewBox="0 0 200 30" fill="none" aria-hidden="true">
                  <path d="M0 15H200" stroke="currentColor" strokeWidth={2} />
                  <path d={`M${10 + (180 * (grams - least)) / span} 3V27`} stroke="currentColor" strokeWidth={5} />
                </svg>
                <b className="num">{shown(grams, result.decimals, i18n.language)} g</b>
              </li>
            ))}
          </ol>
        </section>
        <section>
          <h2 className="h2rim">{t("water.how", { ml: ml(result.true_ml) })}</h2>
          <p>{t(`water.means.${result.verdict}`)}</p>
          {result.more !== null && <p className="w-more">{t("water.more", { count: result.more })}</p>}
          {result.faults.length > 0 && (
            <p className="w-more">{t("water.faults", { faults: result.faults.join(", ") })}</p>
          )}
          <p>
            {t("water.density", {
              grams: shown(result.mean_g, result.decimals + 1, i18n.language),
              warm: shown(result.water_c, 1, i18n.language),
              density: shown(result.density, 4, i18n.language),
              count: result.together,
            })}
          </p>
          <details>
            <summary>{t("water.doubt", { ml: ml(result.u_ml) })}</summary>
            <ul className="w-budget">
              {result.budget.map((one) => (
                <li key={one.from}>
                  <span>{one.from}</span>
                  <b className="num">{shown(one.ml, 3, i18n.language)} mL</b>
                </li>
              ))}
              <li>
                <span>{t("water.twice")}</span>
                <b className="num">{signed(result.u_ml, 2, i18n.language).replace("+", "±")} mL</b>
              </li>
            </ul>
            <p className="soft">{result.neglected}</p>
          </details>
        </section>
      </div>
    </main>
  );
}
