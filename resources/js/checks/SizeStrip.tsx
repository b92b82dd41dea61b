import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";

type Props = { printed: number; size: number; u: number; tolerance: number; deviation: number; uPct: number };

/** A true size with its doubt on the line of what is printed; the band is what is allowed. */
export default function SizeStrip({ printed, size, u, tolerance, deviation, uPct }: Props) {
  const { t, i18n } = useTranslation();
  const most = Math.max(tolerance * 1.4, Math.abs(deviation) + uPct * 1.3);
  const x = (pct: number) => 500 + (pct / most) * 470;
  const ml = (number: number) => shown(number, printed < 10 ? 2 : 1, i18n.language);
  return (
    <figure
      className="w-strip"
      role="img"
      aria-label={t("water.strip", { size: ml(size), u: ml(u), printed: ml(printed), tolerance })}
    >
      <svg viewBox="0 0 1000 46" preserveAspectRatio="none" fill="none" aria-hidden="true">
        <rect x={x(-tolerance)} y={2} width={x(tolerance) - x(-tolerance)} height={36} className="allowed-band" />
        <path d="M0 20H1000" stroke="currentColor" strokeWidth={2} />
        <path d="M500 0V44" stroke="currentColor" strokeWidth={3} />
        <path d={`M${x(deviation - uPct)} 20H${x(deviation + uPct)}`} stroke="currentColor" strokeWidth={6} />
        <rect
          x={x(deviation) - 9}
          y={9}
          width={18}
          height={22}
          rx={3}
          fill="var(--color-primary)"
          stroke="currentColor"
          strokeWidth={3}
        />
      </svg>
      <p aria-hidden="true">
        <span style={{ left: `${x(-tolerance) / 10}%` }}>−{tolerance}%</span>
        <b style={{ left: "50%" }}>{t("water.printed", { ml: ml(printed) })}</b>
        <span style={{ left: `${x(tolerance) / 10}%` }}>+{tolerance}%</span>
      </p>
    </figure>
  );
}
