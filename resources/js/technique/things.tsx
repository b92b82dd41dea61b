import type { Food } from "./food";

/** 17 px a cm: a cup is 8.6 cm wide and 4.9 deep, a jug 7.4 by 7.6, a sifter 7.2 by 4.6; spoons are drawn larger. */
const RIM = 92;
const ink = { stroke: "currentColor", strokeLinejoin: "round", strokeLinecap: "round" } as const;

type Full = "empty" | "level" | "heaped" | "packed" | "swept";

type CupProps = {
  food: Food;
  full: Full;
  /** px above where it stands */
  up?: number;
  small?: boolean;
  spoon?: boolean;
  rimless?: boolean;
  gaps?: boolean;
  film?: boolean;
};

/** A measuring cup or spoon in section, on the line of its rim. */
export function Cup({ food, full, up = 0, small, spoon = food.isSpoon, rimless, gaps, film }: CupProps) {
  const [left, right, base] = [66, 212, 175];
  const wall = spoon
    ? `M${left} ${RIM}C${left + 14} ${base - 8} ${right - 14} ${base - 8} ${right} ${RIM}`
    : `M${left} ${RIM}L${left + 8} ${base - 22}Q${left + 10} ${base} ${left + 29} ${base}H${right - 29}Q${right - 10} ${base} ${right - 8} ${base - 22}L${right} ${RIM}`;
  const mid = (left + right) / 2;
  const top = {
    level: `L${left} ${RIM}Z`,
    packed: `L${left} ${RIM}Z`,
    heaped: `C${right - 36} ${RIM - 60} ${left + 36} ${RIM - 60} ${left} ${RIM}Z`,
    // Swept as far as the straight edge has come; the rest still stands above the rim.
    swept: `H${mid + 4}L${mid} ${RIM - 42}C${left + 60} ${RIM - 46} ${left + 30} ${RIM - 34} ${left} ${RIM}Z`,
    empty: "",
  }[full];
  return (
    <g transform={`translate(0 ${-up})${small ? " scale(0.9)" : ""}`}>
      {full !== "empty" && (
        <>
          <path d={`${wall}${top}`} fill="var(--food)" />
          <path d={`${wall}${top}`} fill={`url(#${food.grain})`} opacity={full === "packed" ? 0.9 : 0.55} />
        </>
      )}
      {gaps &&
        [
          [104, 128],
          [148, 150],
          [176, 122],
        ].map(([x, y]) => (
          <ellipse
            key={x}
            className="mv mv-fade"
            cx={x}
            cy={y}
            rx={13}
            ry={7}
            fill="var(--color-base-100)"
            strokeWidth={2}
            {...ink}
          />
        ))}
      {film && (
        <path
          d={`M${left + 9} ${RIM + 6}L${left + 14} ${base - 22}Q${left + 16} ${base - 7} ${left + 32} ${base - 7}H${right - 32}Q${right - 16} ${base - 7} ${right - 14} ${base - 22}L${right - 9} ${RIM + 6}`}
          stroke="var(--color-accent)"
          strokeWidth={6}
        />
      )}
      <path d={wall} strokeWidth={4} {...ink} />
      <path d={`M${right} ${RIM}H${right + 40}`} strokeWidth={9} {...ink} />
      {!rimless && <path d={`M40 ${RIM}H274`} strokeWidth={3} {...ink} />}
    </g>
  );
}

/** The bin or packet that the food comes from. */
export function Bin({ food, lumps, low }: { food: Food; lumps?: boolean; low?: boolean }) {
  const top = low ? 128 : 104;
  return (
    <>
      <path d={`M52 ${top}Q110 ${top - 12} 160 ${top}T268 ${top}V186H52Z`} fill="var(--food)" />
      <path
        d={`M52 ${top}Q110 ${top - 12} 160 ${top}T268 ${top}V186H52Z`}
        fill={`url(#${food.grain})`}
        opacity={0.55}
      />
      {lumps &&
        [
          [96, 128, 16],
          [150, 146, 20],
          [206, 130, 15],
          [238, 158, 13],
        ].map(([x, y, r]) => (
          <circle key={x} cx={x} cy={y} r={r} fill="var(--color-accent)" strokeWidth={2.5} {...ink} />
        ))}
      <path d="M52 72V180Q52 188 60 188H260Q268 188 268 180V72" strokeWidth={4} {...ink} />
    </>
  );
}

export function Paper({ heap }: { heap?: Food }) {
  return (
    <>
      {heap && (
        <>
          <path d="M92 178Q160 128 228 178Z" fill="var(--food)" />
          <path d="M92 178Q160 128 228 178Z" fill={`url(#${heap.grain})`} opacity={0.55} />
        </>
      )}
      <path d="M24 178H284L300 192H10Z" fill="var(--color-base-100)" strokeWidth={3} {...ink} />
    </>
  );
}

export function Spoon({ x, y, tilt, food }: { x: number; y: number; tilt: number; food?: Food }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${tilt})`}>
      {food && <path d="M-34 0Q-4 -26 26 0Z" fill="var(--food)" strokeWidth={2} {...ink} />}
      <path d="M-38 -2Q-4 30 28 -2Z" fill="var(--color-base-100)" strokeWidth={3.5} {...ink} />
      <path d="M28 -2L132 -16" strokeWidth={7} {...ink} />
    </g>
  );
}

/** A straight edge, upright on its own edge. */
export function Edge() {
  return (
    <>
      <rect x={132} y={26} width={13} height={66} fill="var(--color-base-100)" strokeWidth={3.5} {...ink} />
      <path d="M152 60H196M186 50l12 10l-12 10" strokeWidth={3.5} {...ink} />
    </>
  );
}

export function Knife({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <path d="M-6 2V-46Q-2 -64 10 -68V2Z" fill="var(--color-base-100)" strokeWidth={3.5} {...ink} />
      <path d="M16 -28H58M48 -38l12 10l-12 10" strokeWidth={3.5} {...ink} />
    </g>
  );
}

export function Scraper({ x, y, tilt }: { x: number; y: number; tilt: number }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${tilt})`}>
      <path
        d="M-18 22Q-18 2 -8 -8H12Q20 4 20 22Q2 30 -18 22Z"
        fill="var(--color-base-100)"
        strokeWidth={3.5}
        {...ink}
      />
      <path d="M2 -8V-78" strokeWidth={8} {...ink} />
    </g>
  );
}

export function Bowl({ food, egg }: { food?: Food; egg?: boolean }) {
  return (
    <>
      {(food || egg) && <path d="M70 134Q84 184 160 184T250 134Z" fill={egg ? "var(--wash)" : "var(--food)"} />}
      {egg && <circle cx={146} cy={142} r={24} fill="var(--color-accent)" strokeWidth={2.5} {...ink} />}
      <path d="M56 118Q66 186 160 186T264 118" strokeWidth={4} {...ink} />
      <path d="M44 118H276" strokeWidth={4} {...ink} />
    </>
  );
}

/** A jug on its table, filled up to a share of its height; its line is the heavy one. */
export function Jug({ level }: { level: number }) {
  const [left, right, base] = [100, 212, 180];
  const y = base - 124 * level;
  return (
    <>
      {level > 0 && (
        <path
          className="mv mv-rise"
          d={`M${left} ${y - 4}Q${left + 8} ${y + 3} 156 ${y + 3}T${right} ${y - 4}V170Q${right} ${base} 202 ${base}H110Q${left} ${base} ${left} 170Z`}
          fill="var(--food)"
        />
      )}
      <path
        d={`M84 34L${left} 52V168Q${left} ${base} 112 ${base}H200Q${right} ${base} ${right} 168V40`}
        strokeWidth={4}
        {...ink}
      />
      <path d={`M${right} 62h22q16 0 16 16v46q0 14 -16 14h-22`} strokeWidth={4} {...ink} />
      {[0.25, 0.5, 0.9].map((at) => (
        <path key={at} d={`M180 ${base - 124 * at}H204`} strokeWidth={2} {...ink} />
      ))}
      <path d={`M${left} ${base - 124 * 0.68}H${right}`} strokeWidth={4} {...ink} />
    </>
  );
}

export function Table({ wide }: { wide?: boolean }) {
  return <path d={wide ? "M10 184H310" : "M36 180H284"} strokeWidth={5} {...ink} />;
}

/** Grains on their way down: a fixed handful, not chance. */
export function Falling({
  at: [x, y],
  count,
  spread = 34,
  big,
}: {
  at: [number, number];
  count: number;
  spread?: number;
  big?: boolean;
}) {
  return (
    <g className="mv mv-fall" fill="currentColor">
      {Array.from({ length: count }, (_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: grains are all alike
        <circle key={i} cx={x + ((i * 37) % spread)} cy={y + ((i * 23) % 30)} r={big ? 5 : 2.4} />
      ))}
    </g>
  );
}

/** An arrow of force. */
export function Force({ x }: { x: number }) {
  return <path className="mv mv-down" d={`M${x} 34V78M${x - 10} 66l10 12l10 -12`} strokeWidth={3.5} {...ink} />;
}
