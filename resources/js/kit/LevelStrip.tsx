import { useTranslation } from "react-i18next";
import LevelMark from "./LevelMark";
import { shown } from "./numbers";
import type { Verdict } from "./VerdictGlyph";

type Reading = { grams: number; decimals: number };

type Props = {
  targetG: number;
  lowG: number;
  highG: number;
  /** Decimals of the target and the band. */
  decimals: number;
  latest: Reading & { verdict: Verdict; uncertaintyG: number };
  earlier?: Reading[];
  large?: boolean;
};

/** Grams from left to right: the band, the target, the newest reading as what it is, earlier ones as hollow dots. */
export default function LevelStrip({ targetG, lowG, highG, decimals, latest, earlier = [], large = false }: Props) {
  const { t, i18n } = useTranslation();
  const far = Math.max(...[latest, ...earlier].map((r) => Math.abs(r.grams - targetG)));
  const half = Math.max(3 * (highG - targetG), 1.28 * far);
  // Where on the strip, in per cent of its width.
  const at = (grams: number) => Math.max(1.5, Math.min(98.5, 50 + ((grams - targetG) / half) * 50));
  const size = large ? 38 : 26;
  const whisk = (latest.uncertaintyG / half) * 100;
  const x = at(latest.grams);
  const gap = large ? 9 : 12;
  const g = (grams: number, places: number) => shown(grams, places, i18n.language);
  const label = [
    ...earlier.map((r) => t("strip.earlier", { grams: g(r.grams, r.decimals) })),
    t("strip.reading", { grams: g(latest.grams, latest.decimals), verdict: t(`verdict.${latest.verdict}`) }),
    t("strip.target", { target: g(targetG, decimals), low: g(lowG, decimals), high: g(highG, decimals) }),
  ].join(" ");
  // Nearly equal readings share their place: only the last earlier label near the newest is moved aside.
  const labelled = earlier.slice(-1);

  return (
    <div
      className={`strip ${large ? "strip-lg" : ""} ${at(highG) - 50 < 14 ? "strip-tight" : ""} ${at(highG) - 50 < 6 ? "strip-tighter" : ""}`}
      role="img"
      aria-label={label}
    >
      <div className="strip-top">
        {labelled.map((r) => {
          const place = at(r.grams);
          const near = Math.abs(place - x) < gap * 1.6;
          const right = place >= x;
          const style = !near
            ? { left: `${place}%` }
            : right
              ? { left: `${Math.min(x + gap, 92)}%`, transform: "none" }
              : { right: `${100 - x + gap}%`, transform: "none" };
          return (
            <span key={`${r.grams}`} className="strip-lab strip-old soft" style={{ ...style, bottom: 2 }}>
              {g(r.grams, r.decimals)} g
            </span>
          );
        })}
        <span
          className={`strip-lab strip-now v-${latest.verdict}`}
          style={{ left: `${Math.max(6, Math.min(94, x))}%`, bottom: 2 }}
        >
          {g(latest.grams, latest.decimals)} g
        </span>
      </div>
      <div className="strip-track">
        <i className="strip-rule" />
        <i className="strip-band" style={{ left: `${at(lowG)}%`, width: `${at(highG) - at(lowG)}%` }} />
        <i className="strip-rule" style={{ left: `${at(lowG)}%`, right: `${100 - at(highG)}%` }} />
        <i className="strip-target" style={{ left: "50%" }} />
        {earlier.map((r, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: readings keep their order and may repeat
          <span key={i} className="strip-mark" style={{ left: `${at(r.grams)}%` }}>
            <svg width={size / 2} height={size / 2} viewBox="0 0 14 14" aria-hidden>
              <circle cx={7} cy={7} r={5} fill="var(--color-base-100)" stroke="currentColor" strokeWidth={2} />
            </svg>
          </span>
        ))}
        {latest.verdict === "too-close" ? (
          <span className="strip-mark strip-close" style={{ left: `${x}%`, width: `max(${whisk}%, ${size}px)` }} />
        ) : (
          <>
            {whisk > (large ? 5 : 10) && <i className="strip-whisk" style={{ left: `${x}%`, width: `${whisk}%` }} />}
            <span className="strip-mark" style={{ left: `${x}%`, zIndex: 2 }}>
              <LevelMark verdict={latest.verdict} size={size} />
            </span>
          </>
        )}
      </div>
      <div className="strip-bot">
        <span className="strip-lab soft" style={{ left: 0, transform: "none" }}>
          {t("verdict.shy")}
        </span>
        <span className="strip-lab soft" style={{ right: 0, transform: "none" }}>
          {t("verdict.heaped")}
        </span>
        <span className="strip-lab strip-edge soft" style={{ left: `${at(lowG)}%`, transform: "translateX(-70%)" }}>
          {g(lowG, decimals)}
        </span>
        <span className="strip-lab font-bold" style={{ left: "50%" }}>
          {g(targetG, decimals)}
          {large ? " g" : ""}
        </span>
        <span className="strip-lab strip-edge soft" style={{ left: `${at(highG)}%`, transform: "translateX(-30%)" }}>
          {g(highG, decimals)}
        </span>
      </div>
    </div>
  );
}
