import type { Schemas } from "../api/client";

type Habit = Schemas["ReviewCell"]["habit"];

const TWO = { fill: "var(--color-base-100)", stroke: "currentColor", strokeWidth: 2 } as const;

/** How a cell reads, in its shape: a slab on the line, a dome or a dish, a bracket, two dots; nothing where it is too early. */
export default function HabitMark({ habit, pct, size = 44 }: { habit: Habit; pct: number; size?: number }) {
  const over = pct >= 0;
  return (
    <svg viewBox="0 0 44 24" width={size} height={(size * 24) / 44} fill="none" aria-hidden="true">
      {habit !== "not-yet" && <path d="M0 12H44" stroke="currentColor" strokeWidth={1} opacity={0.45} />}
      {habit === "steady" && <rect x={11} y={8.5} width={22} height={7} rx={1} fill="var(--level)" />}
      {habit === "same-slip" && (
        <path
          d={over ? "M9 12C14 0 30 0 35 12Z" : "M9 12C14 24 30 24 35 12Z"}
          fill={over ? "var(--heaped)" : "var(--shy)"}
          stroke="currentColor"
          strokeWidth={1.6}
        />
      )}
      {habit === "scattered" && <path d="M16 2.5H28M22 2.5V21.5M16 21.5H28" stroke="currentColor" strokeWidth={2.2} />}
      {habit === "two-camps" && (
        <>
          <circle cx={14} cy={over ? 5.5 : 18.5} r={4.6} {...TWO} fill={over ? "var(--heaped)" : "var(--shy)"} />
          <circle cx={30} cy={12} r={4.6} {...TWO} fill="var(--level)" />
        </>
      )}
    </svg>
  );
}
