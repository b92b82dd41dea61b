import { useTranslation } from "react-i18next";
import { asProblem } from "../api/client";
import CauseRows from "../kit/CauseRows";
import FieldProblem from "../kit/FieldProblem";
import LevelStrip from "../kit/LevelStrip";
import { shown } from "../kit/numbers";
import VerdictGlyph from "../kit/VerdictGlyph";
import Working from "../kit/Working";
import type { Bench } from "./useSimulator";

const VERDICTS = ["shy", "level", "heaped"] as const;

/** One weighing: say first what it will be, then see the verdict and what it may come from. */
export default function Once({ bench }: { bench: Bench }) {
  const { t, i18n } = useTranslation();
  const { scale, predicted, setup } = bench;
  const result = bench.isChecked && !scale.isPlaceholderData ? scale.data?.result : undefined;
  const problem = scale.isError ? asProblem(scale.error) : undefined;
  const grams = (number: number, decimals: number) => shown(number, decimals, i18n.language);
  return (
    <>
      <div className="bench-ask">
        <h2>{t(result ? "bench.was" : "bench.predict")}</h2>
        <label className="soft">
          {t("bench.draw")}{" "}
          <input
            type="number"
            min={1}
            max={9999}
            value={setup.seed}
            onChange={(event) => bench.put({ seed: Math.max(1, Math.min(9999, event.target.valueAsNumber || 1)) })}
          />
        </label>
      </div>
      <div className="bench-guess" hidden={result !== undefined && result !== null}>
        {VERDICTS.map((verdict) => (
          <button
            key={verdict}
            type="button"
            className="name"
            aria-pressed={predicted === verdict}
            onClick={() => bench.predict(verdict)}
            disabled={bench.isChecked}
          >
            <VerdictGlyph
              verdict={verdict}
              size={40}
              tolerances={verdict === "shy" ? -2 : verdict === "heaped" ? 2 : 0}
              hidden
            />
            {t(`verdict.${verdict}`)}
          </button>
        ))}
      </div>
      {!result && (
        <>
          <button
            type="button"
            className="btn btn-primary btn-second w-full"
            disabled={predicted === undefined}
            onClick={bench.check}
          >
            {t("weigh.check")}
          </button>
          <p className="soft bench-hint">{t(predicted === undefined ? "bench.first" : "bench.thenWeigh")}</p>
          <FieldProblem>{problem && (Object.values(problem.fields)[0]?.[0] ?? problem.message)}</FieldProblem>
        </>
      )}
      {result && (
        <div className="bench-result" role="status">
          <div className="bench-verdict">
            <VerdictGlyph verdict={result.verdict} tolerances={result.tolerances} size={62} hidden />
            <p>
              <b className={`v-${result.verdict}`}>{t(`verdict.${result.verdict}`)}</b>
              <span>
                {grams(result.grams, result.decimals)} g ·{" "}
                {Number(Math.abs(result.error_g).toFixed(result.decimals)) === 0
                  ? t("result.exact")
                  : t(result.error_g > 0 ? "result.over" : "result.under", {
                      grams: grams(Math.abs(result.error_g), result.decimals),
                    })}
              </span>
            </p>
            <p className="bench-said">
              {t(result.predicted_right ? "bench.saidRight" : "bench.saidOther", {
                verdict: t(`verdict.${predicted ?? "level"}`),
              })}
            </p>
          </div>
          <LevelStrip
            targetG={result.target_g}
            lowG={result.low_g}
            highG={result.high_g}
            decimals={result.target_decimals}
            latest={{
              grams: result.grams,
              decimals: result.decimals,
              verdict: result.verdict,
              uncertaintyG: result.scale_u_g,
            }}
          />
          <div className="narrow-causes">
            {result.none ? <p className="cause-none">{result.none.said}</p> : <CauseRows rows={result.causes} />}
          </div>
          <p className="why-next">
            <strong>{t("causes.next", { next: result.none?.next ?? result.causes[0]?.next })}</strong>{" "}
            {result.consequence && <span className="soft">{result.consequence}</span>}
          </p>
          <div className="bench-again">
            <button
              type="button"
              className="btn btn-primary btn-second"
              onClick={() => bench.put({ seed: setup.seed + 1 })}
            >
              {t("bench.again")}
            </button>
            <Working sentences={result.working} />
          </div>
        </div>
      )}
    </>
  );
}
