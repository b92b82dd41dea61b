import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

const FAR = 2.5;
const at = (tolerances: number) => 110 + Math.max(-FAR, Math.min(FAR, tolerances)) * 42;

/** All first tries of an ingredient about its level line; a second try joined to them. */
export default function LineDots({ line }: { line: Schemas["LabLineRow"] }) {
  const { t } = useTranslation();
  return (
    <svg viewBox="0 0 220 34" width="100%" height={34} role="img" aria-label={t("lab2.dots", { count: line.n })}>
      <rect x={at(-1)} y={2} width={at(1) - at(-1)} height={30} fill="var(--level)" opacity={0.18} />
      <path d="M110 0V34" stroke="currentColor" strokeWidth={2} />
      {line.dots.map((dot, i) => (
        <g key={dot.student_id}>
          {dot.best !== null && (
            <path
              d={`M${at(dot.tolerances)} ${6 + (i % 4) * 7}H${at(Number(dot.best))}`}
              stroke="currentColor"
              strokeWidth={1.2}
            />
          )}
          {dot.best !== null && (
            <circle
              cx={at(Number(dot.best))}
              cy={6 + (i % 4) * 7}
              r={3}
              fill="var(--color-base-100)"
              stroke="currentColor"
              strokeWidth={1.5}
            />
          )}
          <circle
            cx={at(dot.tolerances)}
            cy={6 + (i % 4) * 7}
            r={4.5}
            fill={dot.verdict === "too-close" ? "var(--color-base-100)" : `var(--${dot.verdict})`}
            stroke="currentColor"
            strokeWidth={1.2}
          />
        </g>
      ))}
    </svg>
  );
}
