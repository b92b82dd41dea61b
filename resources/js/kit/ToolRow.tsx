import ToolName from "./ToolName";

type Fill = { kind: string; ml: number; count: number; nominal: string; mark_ml: number | null };

/** cm across the rim and deep, of the tool each kind is drawn from; others of the kind scale with the cube root of volume. */
const CUP = { ml: 236.6, wide: 8.6, deep: 4.9 };

const SPOON = { ml: 14.79, wide: 4.2, deep: 1.7 };

const JUG = { ml: 236.6, wide: 7.4, deep: 7.6, mlPerCm: 43 };

type Drawn = { width: number; depth: number; before: number; element: React.ReactNode };

const cupPath = (w: number, d: number) =>
  `M0 0 L${w * 0.055} ${d * 0.74} Q${w * 0.07} ${d} ${w * 0.2} ${d} H${w * 0.8} Q${w * 0.93} ${d} ${w * 0.945} ${d * 0.74} L${w} 0`;

function cup(fill: Fill, k: number): Drawn {
  const r = Math.cbrt(fill.ml / CUP.ml);
  const [w, d, handle] = [CUP.wide * r * k, CUP.deep * r * k, 2.2 * k];
  const size = Math.max(15, d * 0.56);
  return {
    width: w + handle,
    depth: d,
    before: 0,
    element: (
      <>
        <path
          d={cupPath(w, d)}
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={3}
          strokeLinejoin="round"
        />
        <path d={`M${w} 0H${w + handle}`} stroke="currentColor" strokeWidth={7} strokeLinecap="round" />
        <text
          x={w / 2}
          y={d * 0.5 + size * 0.36}
          textAnchor="middle"
          className="fr"
          fontSize={size}
          fontWeight={650}
          fill="currentColor"
        >
          {fill.nominal.replace(/ (cups?|tazas?|mL)$/, "").replace("/", "⁄")}
        </text>
      </>
    ),
  };
}

function spoon(fill: Fill, k: number): Drawn {
  const r = Math.cbrt(fill.ml / SPOON.ml);
  const [w, d, handle] = [SPOON.wide * r * k, SPOON.deep * r * k, 3 * k];
  // Its lettering may be wider than a small spoon: room for it at both sides.
  const over = Math.max(0, (fill.nominal.length * 9.5 - w - handle) / 2);
  return {
    width: w + handle + over,
    depth: fill.nominal === "" ? d : d + 30,
    before: over,
    element: (
      <>
        <path
          d={`M0 0A${w / 2} ${d} 0 0 0 ${w} 0`}
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={3}
        />
        <path d={`M${w} 0H${w + handle}`} stroke="currentColor" strokeWidth={5.5} strokeLinecap="round" />
        <ToolName x={(w + handle) / 2} below={d}>
          {fill.nominal}
        </ToolName>
      </>
    ),
  };
}

function jug(fill: Fill, k: number): Drawn {
  const r = Math.cbrt(fill.ml / JUG.ml);
  const [w, h] = [JUG.wide * r * k, JUG.deep * r * k];
  const perCm = JUG.mlPerCm * r * r;
  const level = h - ((fill.mark_ml ?? fill.ml) / perCm) * k;
  const slope = (w * 0.07 * level) / h;
  const wall = `L${w * 0.07} ${h - 0.9 * k}Q${w * 0.08} ${h} ${w * 0.2} ${h}H${w * 0.8}Q${w * 0.92} ${h} ${w * 0.93} ${h - 0.9 * k}`;
  return {
    width: w + 2.2 * k,
    depth: h,
    before: k,
    element: (
      <>
        <path
          d={`M${slope} ${level}${wall}L${w - slope} ${level}Z`}
          fill="color-mix(in oklab, var(--color-base-content) 14%, var(--color-base-100))"
        />
        <path
          d={`M${-0.8 * k} 0L${0.25 * k} ${0.9 * k}${wall}L${w} 0`}
          stroke="currentColor"
          strokeWidth={3}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
        <path
          d={`M${w * 0.98} ${1.2 * k}h${1.1 * k}q${k} 0 ${0.9 * k} ${k}l${-0.4 * k} ${2.2 * k}q${-0.2 * k} ${0.8 * k} ${-k} ${0.8 * k}h${-0.9 * k}`}
          stroke="currentColor"
          strokeWidth={3}
          strokeLinejoin="round"
        />
        {[0.25, 0.5, 0.75, 1].map((part) => {
          const y = h - ((fill.ml * part) / perCm) * k;
          return <path key={part} d={`M${w * 0.68} ${y}H${w * 0.88}`} stroke="currentColor" strokeWidth={1.5} />;
        })}
        <path d={`M${slope - 0.3 * k} ${level}H${w - slope + 0.3 * k}`} stroke="currentColor" strokeWidth={4} />
      </>
    ),
  };
}

function stick(fill: Fill, k: number): Drawn {
  const [w, d] = [12 * k, 3.3 * k];
  // A stick has eight tablespoons; a block that is marked in grams has five lines, and no volume to cut at.
  const parts = fill.ml > 0 ? 8 : 5;
  const tbsp = w / parts;
  const cut = fill.ml > 0 ? Math.round(((fill.mark_ml ?? fill.ml) / fill.ml) * parts) : 0;
  return {
    width: w,
    depth: d,
    before: 0,
    element: (
      <>
        <path d={`M0 0H${tbsp * cut}V${d}H3Q0 ${d} 0 ${d - 3}Z`} fill="var(--wash-strong)" />
        <path
          d={`M0 0V${d - 3}Q0 ${d} 3 ${d}H${w - 3}Q${w} ${d} ${w} ${d - 3}V0`}
          stroke="currentColor"
          strokeWidth={3}
        />
        {Array.from({ length: parts - 1 }, (_, i) => i + 1).map((i) => (
          <path
            key={i}
            d={`M${tbsp * i} 0V${d * (i === cut ? 1 : 0.36)}`}
            stroke="currentColor"
            strokeWidth={i === cut ? 4 : 1.5}
          />
        ))}
      </>
    ),
  };
}

/** A ringed measure: a cup with a ring at each quarter of what it holds, its name below instead of inside. */
function ringed(fill: Fill, k: number): Drawn {
  const { width, depth, before, element } = cup({ ...fill, nominal: "" }, k);
  const w = width - 2.2 * k;
  return {
    width,
    depth: fill.nominal === "" ? depth : depth + 30,
    before,
    element: (
      <>
        {element}
        {[0.25, 0.5, 0.75].map((part) => (
          <path key={part} d={`M${w * 0.1} ${depth * (1 - part)}H${w * 0.9}`} stroke="currentColor" strokeWidth={2} />
        ))}
        <ToolName x={w / 2} below={depth}>
          {fill.nominal}
        </ToolName>
      </>
    ),
  };
}

const draw = (fill: Fill, k: number): Drawn => {
  if (fill.kind === "graduated-dry-measure" && fill.mark_ml === null) return ringed(fill, k);
  if (fill.kind === "measuring-spoon") return spoon(fill, k);
  if (fill.kind === "butter-wrapper") return stick(fill, k);
  if (fill.kind.endsWith("liquid-measure")) return jug(fill, k);
  return cup(fill, k);
};

/** px after which a row is full, at k = 14 and under: what does not fit hangs from the next rim, so lettering stays as large. */
const ROW = 460;

type Props = {
  fills: Fill[];
  label: string;
  /** px a cm */
  k?: number;
  /** from a rim that is there already */
  isHung?: boolean;
};

/** Tools in section, hung from a rim at one scale (k px a cm): a cup for each fill, so what is drawn is what is done. Without a label it is an ornament of words beside it. */
export default function ToolRow({ fills, label, k = 14, isHung = false }: Props) {
  const each = fills.flatMap((fill) => Array.from({ length: Math.min(fill.count, 8) }, () => fill));
  const rims = [{ y: 0, x: 6, depth: 0 }];
  const hung = each.map((fill, i) => {
    const drawn = draw(fill, k);
    let rim = rims[rims.length - 1] as (typeof rims)[number];
    if (rim.x > 6 && rim.x + drawn.before + drawn.width > ROW * Math.max(1, k / 14)) {
      rim = { y: rim.y + rim.depth + 16, x: 6, depth: 0 };
      rims.push(rim);
    }
    const left = rim.x + drawn.before;
    rim.x = left + drawn.width + 16;
    rim.depth = Math.max(rim.depth, drawn.depth);
    return (
      // biome-ignore lint/suspicious/noArrayIndexKey: fills of one plan, in order
      <g key={i} transform={`translate(${left} ${rim.y})`}>
        {drawn.element}
      </g>
    );
  });
  const width = Math.max(isHung ? 0 : 200, ...rims.map((rim) => rim.x));
  const height = Math.max(...rims.map((rim) => rim.y + rim.depth)) + 10;
  return (
    // biome-ignore lint/a11y/noSvgWithoutTitle: named by its label, or hidden beside words that name it
    <svg
      viewBox={`0 -5 ${width} ${height}`}
      width={width}
      height={height}
      fill="none"
      {...(label === "" ? { "aria-hidden": true } : { role: "img", "aria-label": label })}
    >
      {(isHung ? [] : rims).map((rim) => (
        <path key={rim.y} d={`M0 ${rim.y}H${width}`} stroke="currentColor" strokeWidth={3} />
      ))}
      {hung}
    </svg>
  );
}
