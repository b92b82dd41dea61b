import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";
import { useWidth } from "../kit/useWidth";
import type { Page } from "./standard";

const LINE = 196;

/** Where dots stand that would lie on each other: the next row up. */
function stacked(xs: number[], r: number): number[] {
  const placed: { x: number; row: number }[] = [];
  return xs.map((x) => {
    let row = 0;
    while (placed.some((one) => one.row === row && Math.abs(one.x - x) < 2 * r + 2)) row += 1;
    placed.push({ x, row });
    return row;
  });
}

/**
 * Each trial as a numbered dot on the line of grams a cup; their mean with what it is sure of; what others publish hangs under the line,
 * the one in use with a heavier rim.
 */
export default function DotLine({ page }: { page: Page }) {
  const { t, i18n } = useTranslation();
  const [box, measured] = useWidth<HTMLElement>(320);
  const width = measured;
  const perCup = page.found ? page.found.per_cup_g / page.found.mean_g : 236.588 / (page.tool_ml || 236.588);
  const cups = page.trials.map((one) => one.grams * perCup);
  const all = [
    ...cups,
    ...page.published.map((one) => one.grams),
    ...(page.found ? [page.found.cup_low_g, page.found.cup_high_g] : []),
  ];
  if (all.length === 0) return null;
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const room = Math.max((most - least) * 0.1, most * 0.02);
  const [low, high] = [least - room, most + room];
  const x = (grams: number) => 20 + ((grams - low) / (high - low)) * (width - 40);
  // On a phone the dots are smaller, so that they do not climb over the figure.
  const r = width < 620 ? 9 : 15;
  const rows = stacked(cups.map(x), r);
  const step = [1, 2, 5, 10, 20, 50].find((one) => (high - low) / one <= width / 110) ?? 100;
  const ticks = Array.from(
    { length: Math.ceil((high - low) / step) + 1 },
    (_, i) => (Math.ceil(low / step) + i) * step,
  ).filter((one) => one <= high);
  const g = (grams: number) => shown(grams, grams < 10 ? 2 : grams < 100 ? 1 : 0, i18n.language);
  const said = page.found
    ? t("standard.picture", {
        n: page.found.n,
        mean: g(page.found.per_cup_g),
        low: g(page.found.cup_low_g),
        high: g(page.found.cup_high_g),
      })
    : t("standard.few");
  const under = stackedWide(
    page.published.map((one) => x(one.grams)),
    width,
  );
  return (
    <figure ref={box} className="dot-line">
      <svg viewBox={`0 0 ${width} 330`} width={width} height={330} fill="none" role="img" aria-label={said}>
        {page.found && (
          <>
            <rect
              x={x(page.found.cup_low_g)}
              y={56}
              width={Math.max(2, x(page.found.cup_high_g) - x(page.found.cup_low_g))}
              height={LINE - 56}
              className="allowed-band"
            />
            <path d={`M${x(page.found.per_cup_g)} 46V${LINE + 8}`} stroke="currentColor" strokeWidth={3} />
            <text
              x={Math.min(Math.max(x(page.found.per_cup_g), 110), width - 110)}
              y={34}
              textAnchor="middle"
              className="dot-mean"
            >
              {t("standard.aCup", { grams: g(page.found.per_cup_g) })}
            </text>
          </>
        )}
        <path d={`M0 ${LINE}H${width}`} stroke="currentColor" strokeWidth={4} />
        {ticks.map((one) => (
          <g key={one}>
            <path d={`M${x(one)} ${LINE}V${LINE + 7}`} stroke="currentColor" strokeWidth={2} />
            <text x={x(one)} y={LINE + 24} textAnchor="middle" className="history-t">
              {shown(one, 0, i18n.language)}
            </text>
          </g>
        ))}
        {page.trials.map((one, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: trials in order
          <g key={i} transform={`translate(${x(cups[i] ?? 0)} ${LINE - r - 2 - (rows[i] ?? 0) * (2 * r + 2)})`}>
            <circle
              r={r}
              fill={
                one.left_out ? "var(--color-base-100)" : one.odd ? "var(--color-accent)" : "var(--color-base-content)"
              }
              stroke="var(--color-base-content)"
              strokeWidth={2.5}
              strokeDasharray={one.left_out ? "3 3" : undefined}
            />
            <text
              y={r < 15 ? 4 : 6}
              textAnchor="middle"
              className={r < 15 ? "dot-n is-small" : "dot-n"}
              fill={
                one.left_out
                  ? "var(--color-base-content)"
                  : one.odd
                    ? "var(--color-accent-content)"
                    : "var(--color-base-100)"
              }
            >
              {i + 1}
            </text>
          </g>
        ))}
        {page.published.map((one, i) => {
          const row = under[i] ?? { x: x(one.grams), row: 0 };
          const top = LINE + 36 + row.row * 48;
          return (
            <g key={one.name}>
              <path d={`M${x(one.grams)} ${LINE + 30}V${top}`} stroke="currentColor" strokeWidth={1.5} />
              <path
                d={`M${row.x - 88} ${top}H${row.x + 88}V${top + 32}Q${row.x + 88} ${top + 42} ${row.x + 78} ${top + 42}H${row.x - 78}Q${row.x - 88} ${top + 42} ${row.x - 88} ${top + 32}Z`}
                fill="var(--color-base-100)"
                stroke="currentColor"
                strokeWidth={one.in_use ? 4 : 1.5}
              />
              <text x={row.x} y={top + 17} textAnchor="middle" className="history-t" fontWeight={650}>
                {one.name.length > 24 ? `${one.name.slice(0, 23)}…` : one.name}
              </text>
              <text x={row.x} y={top + 35} textAnchor="middle" className="history-t">
                {g(one.grams)} g{one.in_use ? `, ${t("standard.inUse")}` : ""}
              </text>
            </g>
          );
        })}
      </svg>
    </figure>
  );
}

/** Vessels under the line, none on another and none over the edge. */
function stackedWide(xs: number[], width: number): { x: number; row: number }[] {
  const placed: { x: number; row: number }[] = [];
  return xs.map((at) => {
    const x = Math.min(Math.max(at, 92), width - 92);
    let row = 0;
    while (placed.some((one) => one.row === row && Math.abs(one.x - x) < 186)) row += 1;
    placed.push({ x, row });
    return { x, row };
  });
}
