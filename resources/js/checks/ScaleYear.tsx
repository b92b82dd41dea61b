import { useTranslation } from "react-i18next";
import type { Scale } from "../drawer/drawer";
import { signed } from "../kit/numbers";
import { useDay } from "../kit/useDay";

/** A scale's year: what it showed too much, in a thousand, at each check; those from end to end are large. */
export default function ScaleYear({ history }: { history: Scale["history"] }) {
  const { t, i18n } = useTranslation();
  const day = useDay();
  if (history.length === 0) return <p className="soft py-2">{t("scaleCheck.noYear")}</p>;
  const most = Math.max(...history.map((one) => Math.abs(one.per_mille)), 1);
  const y = (of: number) => 60 - (of / most) * 46;
  const x = (i: number) => 20 + (i * 430) / Math.max(1, history.length - 1);
  const ends = [history[0], history[history.length - 1]];
  return (
    <svg
      viewBox="0 0 470 140"
      width="100%"
      fill="none"
      role="img"
      aria-label={history.map((one) => `${day(one.day)}: ${signed(one.error_g, 1, i18n.language)} g`).join("; ")}
    >
      <path d="M0 60H460" stroke="currentColor" strokeWidth={3} />
      {history.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: checks in order
        <g key={i}>
          <path d={`M${x(i)} 60V${y(one.per_mille)}`} stroke="currentColor" strokeWidth={one.whole ? 5 : 2} />
          <circle
            cx={x(i)}
            cy={y(one.per_mille)}
            r={one.whole ? 6 : 3.5}
            fill={one.passed ? "currentColor" : "var(--color-base-100)"}
            stroke="currentColor"
            strokeWidth={2}
          />
        </g>
      ))}
      {ends.map(
        (one, i) =>
          one && (
            <text
              key={one.day + String(i)}
              x={i === 0 ? 0 : 460}
              y={134}
              textAnchor={i === 0 ? "start" : "end"}
              className="history-t"
            >
              {day(one.day, "short")}
            </text>
          ),
      )}
    </svg>
  );
}
