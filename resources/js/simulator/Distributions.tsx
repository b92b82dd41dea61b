import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { shown } from "../kit/numbers";

/** Bars by weight: the first way up from the rim, the second down from it; the band across both. */
export default function Distributions({ two, names }: { two: Schemas["SimulatedTwoWays"]; names: [string, string] }) {
  const { t, i18n } = useTranslation();
  const [from, to] = [two.bins[0]?.from_g ?? 0, two.bins.at(-1)?.to_g ?? 1];
  const x = (grams: number) => 8 + (384 * (grams - from)) / (to - from);
  const tall = (count: number) => (84 * count) / two.most;
  const g = (grams: number) => shown(grams, two.decimals, i18n.language);
  const inside = (grams: number) => grams >= from && grams <= to;
  return (
    <svg
      className="bench-dist"
      viewBox="0 0 400 262"
      fill="none"
      role="img"
      aria-label={t("bench.dist", {
        one: names[0],
        other: names[1],
        mean: g(two.one.mean_g),
        otherMean: g(two.other.mean_g),
        level: two.one.level,
        otherLevel: two.other.level,
      })}
    >
      <rect
        x={x(Math.max(two.low_g, from))}
        y={26}
        width={Math.max(0, x(Math.min(two.high_g, to)) - x(Math.max(two.low_g, from)))}
        height={184}
        fill="color-mix(in oklab, var(--level) 20%, transparent)"
      />
      {two.bins.map((bin) => (
        <g key={bin.from_g} stroke="currentColor" strokeWidth={1.5}>
          {bin.one > 0 && (
            <rect
              x={x(bin.from_g) + 0.5}
              width={x(bin.to_g) - x(bin.from_g) - 1}
              y={118 - tall(bin.one)}
              height={tall(bin.one)}
              fill="var(--color-base-content)"
            />
          )}
          {bin.other > 0 && (
            <rect
              x={x(bin.from_g) + 0.5}
              width={x(bin.to_g) - x(bin.from_g) - 1}
              y={118}
              height={tall(bin.other)}
              fill="var(--color-base-100)"
            />
          )}
        </g>
      ))}
      <path d="M0 118H400" stroke="currentColor" strokeWidth={3} />
      {inside(two.target_g) && <path d={`M${x(two.target_g)} 22V214`} stroke="var(--level)" strokeWidth={3} />}
      <g fontSize={14} fill="currentColor" className="num">
        <text x={4} y={15} fontWeight={700}>
          {names[0]}
        </text>
        <text x={4} y={230} fontWeight={700}>
          {names[1]}
        </text>
        {inside(two.target_g) && (
          <text x={x(two.target_g)} y={254} textAnchor="middle" fontWeight={700}>
            {g(two.target_g)} g
          </text>
        )}
        <text x={4} y={254}>
          {g(from)}
        </text>
        <text x={396} y={254} textAnchor="end">
          {g(to)} g
        </text>
      </g>
    </svg>
  );
}
