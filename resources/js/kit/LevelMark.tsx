const MARKS = { heaped: "M3 14 C7 0 21 0 25 14 Z", shy: "M3 14 C7 28 21 28 25 14 Z" };

/** A weighing on the strip, in the shape of its verdict. */
export default function LevelMark({ verdict, size }: { verdict: "level" | "heaped" | "shy"; size: number }) {
  const look = { fill: `var(--${verdict})`, stroke: "currentColor", strokeWidth: 2, strokeLinejoin: "round" } as const;
  return (
    <svg viewBox="0 0 28 28" width={size} height={size} fill="none" aria-hidden>
      {verdict === "level" ? (
        <rect x={3} y={9.5} width={22} height={9} rx={1} {...look} />
      ) : (
        <path d={MARKS[verdict]} {...look} />
      )}
    </svg>
  );
}
