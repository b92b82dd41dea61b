import { useTranslation } from "react-i18next";
import { useDay } from "../kit/useDay";
import { useWidth } from "../kit/useWidth";
import type { Row } from "./ReviewRows";

const STEP = 30;
const LETTER = 7.5; // px of a name, about
const TOP = 70;
const PER = 28; // px a tolerance
const FAR = 2.2; // tolerances: what is farther off stands at the edge

const place = (tolerances: number) => TOP - Math.max(-FAR, Math.min(FAR, tolerances)) * PER;

/** Where each first try stands: labs side by side, each wide enough for its name. */
function places(first: Row[], names: boolean) {
  const xs: number[] = [];
  const labs: { row: Row; x: number }[] = [];
  let next = 0;
  let from = 0;
  first.forEach((row, i) => {
    const before = first[i - 1];
    if (before === undefined || before.lab_id !== row.lab_id) {
      next = before && names ? Math.max(next, from + before.lab.length * LETTER + STEP) : next;
      from = next;
      labs.push({ row, x: from });
    }
    xs.push(next + STEP / 2 + 3);
    next += STEP;
  });
  const last = first.at(-1);
  return { xs, labs, width: Math.max(next, last && names ? from + last.lab.length * LETTER + STEP : 0) };
}

/** Every ingredient of a term about the level line, in tolerances: the first try filled, the best hollow and joined. */
export default function TermLine({ rows, names = true }: { rows: Row[]; names?: boolean }) {
  const { t } = useTranslation();
  const day = useDay();
  const first = rows.filter((row) => row.nth === 1);
  const [frame, wide] = useWidth<HTMLElement>(200);
  const best = (row: Row) => rows.find((one) => one.line_id === row.line_id && one.best) ?? row;
  const { xs, labs, width: needed } = places(first, names);
  const width = Math.max(needed, wide);
  const height = names ? 190 : 2 * TOP;
  return (
    <section
      ref={frame}
      className="term-line"
      aria-label={t("results.line", { count: first.length })}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls sideways is reached by keys
      tabIndex={0}
    >
      <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={t("results.drawn")}>
        <rect x={0} y={TOP - PER} width={width} height={2 * PER} fill="var(--level)" opacity={0.18} />
        <path d={`M0 ${TOP}H${width}`} stroke="currentColor" strokeWidth={3} />
        {names &&
          labs.map(({ row, x }) => (
            <g key={row.lab_id}>
              <path d={`M${x + 2} 4V${height}`} stroke="currentColor" opacity={0.25} />
              <text x={x + 8} y={158} className="term-lab">
                {row.lab}
              </text>
              <text x={x + 8} y={176} className="term-day">
                {day(row.day, "short")}
              </text>
            </g>
          ))}
        {first.map((row, i) => {
          const x = xs[i] ?? 0;
          const y = place(row.tolerances);
          const near = best(row);
          return (
            <g key={row.id}>
              {near.id !== row.id && (
                <>
                  <path d={`M${x} ${y}V${place(near.tolerances)}`} stroke="currentColor" strokeWidth={1.5} />
                  <circle
                    cx={x}
                    cy={place(near.tolerances)}
                    r={4.5}
                    fill="var(--color-base-100)"
                    stroke="currentColor"
                    strokeWidth={2}
                  />
                </>
              )}
              <circle
                cx={x}
                cy={y}
                r={7}
                fill={row.verdict === "too-close" ? "var(--color-base-100)" : `var(--${row.verdict})`}
                stroke="currentColor"
                strokeWidth={1.6}
                strokeDasharray={row.verdict === "too-close" ? "2 2" : undefined}
              >
                <title>{`${row.food}: ${t(`verdict.${row.verdict}`)}`}</title>
              </circle>
            </g>
          );
        })}
      </svg>
    </section>
  );
}
