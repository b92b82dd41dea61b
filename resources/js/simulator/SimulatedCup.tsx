import type { Fill } from "./toolDrawing";
import type { Hands } from "./useSimulator";

/** px; the rim lies here, so that a mound has room above it. */
const RIM = 86;

const WIDE = 320;

/** How close the food lies: px between its grains, by what was done to it. */
const grainsApart = (hands: Hands) => {
  if (hands.filling === "packed" || hands.settling === "pressed") return 8;
  if (hands.settling === "tapped" || hands.filling === "dipped") return 11;
  if (hands.preparation === "sifted" || hands.filling === "loose") return 20;
  return 15;
};

export default function SimulatedCup({ fill, hands }: { fill: Fill; hands: Hands }) {
  const isSpoon = fill.kind === "measuring-spoon";
  const [left, right] = [40, 40 + (isSpoon ? 230 : 270)];
  const base = RIM + (isSpoon ? 92 : 152);
  const apart = grainsApart(hands);
  const wall = isSpoon
    ? `M${left} ${RIM}C${left + 22} ${base + 20} ${right - 22} ${base + 20} ${right} ${RIM}`
    : `M${left} ${RIM}L${left + 16} ${base - 30}Q${left + 20} ${base} ${left + 52} ${base}H${right - 52}Q${right - 20} ${base} ${right - 16} ${base - 30}L${right} ${RIM}`;
  // Apex of a cubic is three quarters of its handles' height.
  const lift = hands.levelling === "heaped" ? -96 : hands.levelling === "hollow" ? 60 : 0;
  const surface = `C${right - 60} ${RIM + lift} ${left + 60} ${RIM + lift} ${left} ${RIM}`;
  const pattern = `grain-${apart}`;
  return (
    <>
      <defs>
        <pattern id={pattern} width={apart} height={apart} patternUnits="userSpaceOnUse">
          <circle cx={apart / 4} cy={apart / 4} r={1.5} fill="currentColor" />
          <circle cx={(3 * apart) / 4} cy={(3 * apart) / 4} r={1.5} fill="currentColor" />
        </pattern>
      </defs>
      <path d={`${wall}${surface}Z`} fill="var(--wash-strong)" />
      <path d={`${wall}${surface}Z`} fill={`url(#${pattern})`} opacity={0.55} />
      {(hands.filling === "gaps" || hands.preparation === "lumpy") &&
        [
          [0.3, 0.62],
          [0.55, 0.78],
          [0.72, 0.5],
        ].map(([x = 0, y = 0]) => (
          <ellipse
            key={x}
            cx={left + x * (right - left)}
            cy={RIM + y * (base - RIM)}
            rx={hands.filling === "gaps" ? 20 : 15}
            ry={hands.filling === "gaps" ? 9 : 13}
            fill={hands.filling === "gaps" ? "var(--color-base-100)" : "var(--color-accent)"}
            stroke="currentColor"
            strokeWidth={2}
          />
        ))}
      <path d={wall} stroke="currentColor" strokeWidth={4} strokeLinejoin="round" />
      <path d={`M${right} ${RIM}H${right + 74}`} stroke="currentColor" strokeWidth={9} strokeLinecap="round" />
      <path d={`M14 ${RIM}H${WIDE + 66}`} stroke="currentColor" strokeWidth={4} />
      {hands.settling === "pressed" && (
        <path
          d={`M${left + 70} ${RIM - 14}H${right - 70}M${(left + right) / 2} ${RIM - 18}V${RIM - 66}`}
          stroke="currentColor"
          strokeWidth={6}
        />
      )}
      {hands.settling === "tapped" && (
        <path
          d={`M${left - 14} ${base - 6}l-12 8M${left - 18} ${base - 30}l-14 2M${right + 14} ${base - 6}l12 8M${right + 18} ${base - 30}l14 2`}
          stroke="currentColor"
          strokeWidth={4}
          strokeLinecap="round"
        />
      )}
    </>
  );
}
