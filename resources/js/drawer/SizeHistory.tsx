import { useTranslation } from "react-i18next";
import { signed } from "../kit/numbers";
import { useDay } from "../kit/useDay";
import type { Named } from "./drawer";

/** Every check of a tool about the level line, with its doubt; the band is what is allowed. The last one is filled. */
export default function SizeHistory({ history }: { history: Named["history"] }) {
  const { t, i18n } = useTranslation();
  const day = useDay();
  const shownOnes = history.slice(-6);
  if (shownOnes.length === 0) return null;
  const most = Math.max(
    ...shownOnes.map((one) => Math.max(one.tolerance_pct * 1.3, Math.abs(one.deviation_pct) + one.u_pct)),
  );
  const y = (pct: number) => 60 - (pct / most) * 52;
  const x = (i: number) => 44 + ((i + 0.5) * 268) / shownOnes.length;
  const tolerance = shownOnes[shownOnes.length - 1]?.tolerance_pct ?? 5;
  const said = shownOnes.map((one) => `${day(one.day)}: ${signed(one.deviation_pct, 1, i18n.language)}%`).join("; ");
  return (
    <figure>
      <svg viewBox="0 0 320 150" width="100%" fill="none" role="img" aria-label={said}>
        <rect x={40} y={y(tolerance)} width={276} height={y(-tolerance) - y(tolerance)} className="allowed-band" />
        <path d="M40 60H316" stroke="currentColor" strokeWidth={3} />
        <text x={0} y={y(tolerance) + 5} className="history-t">{`+${tolerance}%`}</text>
        <text x={0} y={65} className="history-t">
          {t("drawer.named.true")}
        </text>
        <text x={0} y={y(-tolerance) + 5} className="history-t">{`−${tolerance}%`}</text>
        {shownOnes.map((one, i) => {
          const isLast = i === shownOnes.length - 1;
          return (
            <g key={one.check}>
              <path
                d={`M${x(i)} ${y(one.deviation_pct - one.u_pct)}V${y(one.deviation_pct + one.u_pct)}`}
                stroke="currentColor"
                strokeWidth={2.5}
              />
              <circle
                cx={x(i)}
                cy={y(one.deviation_pct)}
                r={6}
                fill={isLast ? "currentColor" : "var(--color-base-100)"}
                stroke="currentColor"
                strokeWidth={2.5}
              />
              <text x={x(i)} y={128} textAnchor="middle" className="history-t" fontWeight={isLast ? 700 : 400}>
                {signed(one.deviation_pct, 1, i18n.language)}%
              </text>
              <text x={x(i)} y={145} textAnchor="middle" className="history-t">
                {day(one.day, "short")}
              </text>
            </g>
          );
        })}
      </svg>
    </figure>
  );
}
