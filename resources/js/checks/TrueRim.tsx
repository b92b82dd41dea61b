/** The gap between what is printed and what is true is drawn so many times as large, and no larger than this, px. */
export const GAP = 4;
const MOST = 44;

type Props = {
  /** % of what is printed */
  deviation: number;
  verdict: "fit" | "use-with-correction" | "undecided" | "retire" | "too-wide";
  wide?: number;
  /** px from the printed rim to the floor */
  deep?: number;
};

const FILL = {
  fit: "var(--color-primary)",
  "use-with-correction": "var(--color-primary)",
  undecided: "none",
  "too-wide": "none",
  retire: "none",
};

/**
 * A tool's own rim against the printed one, which is dotted: a small tool's hangs under it, a large one's stands over it. Fit ones are
 * full, undecided ones dotted, retired ones empty and struck through.
 */
export default function TrueRim({ deviation, verdict, wide = 1024, deep = 210 }: Props) {
  const printed = 52;
  const gap = Math.max(-MOST, Math.min(MOST, ((deviation / 100) * deep * GAP) / 1.6));
  const rim = printed - gap;
  const [left, right] = [wide * 0.022, wide * 0.86];
  const floor = printed + deep;
  const cup = `M${left} ${rim}L${left + wide * 0.026} ${floor - 46}Q${left + wide * 0.03} ${floor} ${left + wide * 0.075} ${floor}H${right - wide * 0.075}Q${right - wide * 0.03} ${floor} ${right - wide * 0.026} ${floor - 46}L${right} ${rim}`;
  const isDotted = verdict === "undecided" || verdict === "too-wide";
  return (
    <svg
      viewBox={`0 0 ${wide} ${floor + 6}`}
      preserveAspectRatio="none"
      fill="none"
      aria-hidden="true"
      className="w-rim"
    >
      <path d={`${cup}Z`} fill={FILL[verdict]} />
      <path
        d={cup}
        stroke="currentColor"
        strokeWidth={4}
        strokeLinejoin="round"
        strokeDasharray={isDotted ? "2 9" : undefined}
        strokeLinecap={isDotted ? "round" : undefined}
      />
      <path d={`M${left - 10} ${rim}H${right}`} stroke="currentColor" strokeWidth={4} />
      <path d={`M${right} ${rim}H${wide}`} stroke="currentColor" strokeWidth={13} />
      <path
        d={`M0 ${printed}H${wide}`}
        stroke="currentColor"
        strokeWidth={3}
        strokeDasharray="0.1 9"
        strokeLinecap="round"
      />
      {gap > 0 && FILL[verdict] !== "none" && (
        <path
          d={`M${left + 6} ${printed}H${right - 6}`}
          stroke="var(--color-primary-content)"
          strokeWidth={3}
          strokeDasharray="0.1 9"
          strokeLinecap="round"
        />
      )}
      {verdict === "retire" && (
        <path d={`M${left} ${floor - 10}L${right} ${rim - 14}`} stroke="currentColor" strokeWidth={6} />
      )}
    </svg>
  );
}
