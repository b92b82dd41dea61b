import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { shown, signed } from "../kit/numbers";

const NAME = 36; // of the drawing's width: room for the name of a weight

/** What the scale shows too much of each weight, and the line through all of them; inside the band it counts as right. */
export default function ScaleErrors({ found }: { found: Schemas["ScaleFound"] | undefined }) {
  const { t, i18n } = useTranslation();
  if (!found) return <p className="soft py-2">{t("scaleCheck.noErrors")}</p>;
  const heavy = found.at_g || 1;
  const most = Math.max(found.allowed_g * 1.5, ...found.errors.map((one) => Math.abs(one.error_g) * 1.2));
  const x = (grams: number) => 50 + (grams / heavy) * 400;
  const y = (grams: number) => 80 - (grams / most) * 70;
  const ordered = [...found.errors].sort((a, b) => a.nominal_g - b.nominal_g);
  // From the right, where weights stand apart, each that has room for its name.
  const named = new Set<number>();
  let left = Number.POSITIVE_INFINITY;
  for (const { nominal_g } of [...ordered].reverse()) {
    if (left - x(nominal_g) < NAME) continue;
    named.add(nominal_g);
    left = x(nominal_g);
  }
  const [first, last] = [ordered[0], ordered[ordered.length - 1]];
  const said = ordered
    .map((one) => `${shown(one.nominal_g, 0, i18n.language)} g: ${signed(one.error_g, 1, i18n.language)} g`)
    .join("; ");
  return (
    <svg viewBox="0 0 470 180" width="100%" fill="none" role="img" aria-label={said}>
      <rect
        x={50}
        y={y(found.allowed_g)}
        width={404}
        height={y(-found.allowed_g) - y(found.allowed_g)}
        className="allowed-band"
      />
      <path d="M20 80H460" stroke="currentColor" strokeWidth={3} />
      <text x={0} y={y(found.allowed_g) + 5} className="history-t">
        {signed(found.allowed_g, 1, i18n.language)}
      </text>
      <text x={0} y={y(-found.allowed_g) + 5} className="history-t">
        {signed(-found.allowed_g, 1, i18n.language)}
      </text>
      {first && last && (
        <path
          d={`M${x(first.nominal_g)} ${y(first.fitted_g)}L${x(last.nominal_g)} ${y(last.fitted_g)}`}
          stroke="currentColor"
          strokeWidth={2}
          strokeDasharray="6 5"
        />
      )}
      {ordered.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: readings in order
        <g key={i}>
          <circle cx={x(one.nominal_g)} cy={y(one.error_g)} r={6} fill="currentColor" />
          {ordered[i - 1]?.nominal_g !== one.nominal_g && named.has(one.nominal_g) && (
            <text x={x(one.nominal_g)} y={172} textAnchor="middle" className="history-t">
              {one.nominal_g === 0 ? t("scaleCheck.empty") : shown(one.nominal_g, 0, i18n.language)}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
