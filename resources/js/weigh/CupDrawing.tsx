import { lift, surface, type Verdict } from "../kit/VerdictGlyph";

type Shape = { width: number; rim: number; room: number; left: number; right: number; wall: string; contents: string };

/** The page-size cup, once for tablets and once for phones: its rim runs across the whole page. */
const SHAPES: Record<"cup-t" | "cup-p", Shape> = {
  "cup-t": {
    width: 1024,
    rim: 84,
    room: 84,
    left: 24,
    right: 1000,
    wall: "M24 84L36 208Q38 252 80 252H944Q986 252 988 208L1000 84",
    contents: "L988 208Q986 252 944 252H80Q38 252 36 208Z",
  },
  "cup-p": {
    width: 390,
    rim: 72,
    room: 72,
    left: 24,
    right: 366,
    wall: "M24 72L36 214Q38 248 70 248H320Q352 248 354 214L366 72",
    contents: "L354 214Q352 248 320 248H70Q38 248 36 214Z",
  },
};

const DOT_EVERY = 26;

export default function CupDrawing({
  name,
  verdict,
  tolerances,
}: {
  name: keyof typeof SHAPES;
  verdict: Verdict;
  tolerances: number;
}) {
  const { width, rim, room, left, right, wall, contents } = SHAPES[name];
  const height = (lift(verdict, tolerances) / 14) * (room - 8);
  const dots = Array.from(
    { length: Math.floor((right - left - 40) / DOT_EVERY) + 1 },
    (_, i) => left + 20 + i * DOT_EVERY,
  );
  return (
    <svg className={name} viewBox={`0 0 ${width} 256`} preserveAspectRatio="none" fill="none" aria-hidden>
      {verdict !== "too-close" && (
        <path
          className="v-fill"
          d={`M${left} ${rim} ${surface(height, left, right, rim)} ${contents}`}
          fill={`var(--${verdict})`}
        />
      )}
      <path d={wall} stroke="currentColor" strokeWidth={4} strokeLinejoin="round" vectorEffect="non-scaling-stroke" />
      {verdict === "too-close" ? (
        <>
          <path d={`M0 ${rim}H${left + 2}M${right - 2} ${rim}H${width}`} stroke="currentColor" strokeWidth={5} />
          {dots.map((x) => (
            <circle key={x} cx={x} cy={rim} r={5} fill="currentColor" />
          ))}
        </>
      ) : (
        <path d={`M0 ${rim}H${width}`} stroke="currentColor" strokeWidth={5} vectorEffect="non-scaling-stroke" />
      )}
    </svg>
  );
}
