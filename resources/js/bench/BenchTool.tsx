import { useTranslation } from "react-i18next";
import type { Hands, Options, Shown } from "./bench";

type Fill = Options["plans"][number]["fills"][number];

/** px; the rim lies here, so that a mound has room above it. */
const RIM = 86;
const WIDE = 320;

/** The tool in section with what is in it: a mound, a dish, a packed block, or a jug and the eye that reads it. */
export default function BenchTool({ fills, hands, shown }: { fills: Fill[]; hands: Hands; shown: Shown }) {
  const { t } = useTranslation();
  const [fill] = fills;
  if (!fill) return null;
  const times = fills.reduce((all, one) => all + one.count, 0);
  const isJug = fill.kind.endsWith("liquid-measure") && fill.to_mark !== null;
  return (
    <figure className="bench-tool">
      <svg viewBox="0 0 400 262" fill="none" role="img" aria-label={t("bench.drawn", { tool: fill.called })}>
        {isJug ? <Jug fill={fill} hands={hands} shown={shown} /> : <Cup fill={fill} hands={hands} />}
      </svg>
      <figcaption>
        {fill.called}
        {isJug && fill.to_mark ? ` · ${fill.to_mark}` : ""}
        {times > 1 && <span className="soft"> {t("bench.each", { count: times })}</span>}
      </figcaption>
    </figure>
  );
}

/** How close the food lies: px between its grains, by what was done to it. */
const grainsApart = (hands: Hands) => {
  if (hands.filling === "packed" || hands.settling === "pressed") return 8;
  if (hands.settling === "tapped" || hands.filling === "dipped") return 11;
  if (hands.preparation === "sifted" || hands.filling === "loose") return 20;
  return 15;
};

export function Cup({ fill, hands }: { fill: Fill; hands: Hands }) {
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

/** The jug on its table, what stands in it, the line that was meant, and the eye with where it looks. */
export function Jug({
  fill,
  hands,
  shown,
}: {
  fill: Fill;
  hands: Hands;
  shown: Pick<Shown, "contents_ml" | "brim_ml">;
}) {
  const [left, right, top, base] = [96, 268, 36, 236];
  const at = (ml: number) => base - ((base - top) * ml) / shown.brim_ml;
  const line = at(fill.mark_ml ?? fill.ml);
  const level = at(shown.contents_ml);
  const deg = hands.eye_deg ?? 0;
  // The eye stays in the picture: its distance shrinks as it climbs.
  const away = 62;
  const eyeX = left - away;
  const eyeY = Math.max(14, Math.min(248, line - Math.tan((deg * Math.PI) / 180) * away));
  const lookX = left + (right - left) * (hands.share_across ?? 0.1);
  return (
    <>
      <path
        d={`M${left} ${level}V${base - 12}Q${left} ${base} ${left + 14} ${base}H${right - 14}Q${right} ${base} ${right} ${base - 12}V${level}Q${(left + right) / 2} ${level + 7} ${left} ${level}Z`}
        fill="color-mix(in oklab, var(--shy) 16%, var(--color-base-100))"
        stroke="currentColor"
        strokeWidth={1.5}
      />
      <path
        d={`M${left - 16} ${top - 12}L${left} ${top + 6}V${base - 12}Q${left} ${base} ${left + 14} ${base}H${right - 14}Q${right} ${base} ${right} ${base - 12}V${top - 12}`}
        stroke="currentColor"
        strokeWidth={4}
        strokeLinejoin="round"
      />
      <path d={`M${right} ${top + 26}h30q20 0 20 20v60q0 16 -20 16h-30`} stroke="currentColor" strokeWidth={4} />
      <path
        d={`M${left} ${line}H${right - 6}`}
        stroke="currentColor"
        strokeWidth={3}
        strokeDasharray={hands.curve === "top" ? "8 5" : undefined}
      />
      <text
        x={right - 12}
        y={line - 7}
        textAnchor="end"
        fontSize={19}
        fontWeight={650}
        className="fr"
        fill="currentColor"
      >
        {fill.to_mark?.replace("/", "⁄")}
      </text>
      <path
        d={`M${eyeX + 17} ${eyeY}L${left} ${line}${deg === 0 ? "" : `L${lookX} ${level}`}`}
        stroke="currentColor"
        strokeWidth={2}
        strokeDasharray="3 5"
      />
      <path
        d={`M${eyeX - 17} ${eyeY}Q${eyeX} ${eyeY - 15} ${eyeX + 17} ${eyeY}Q${eyeX} ${eyeY + 15} ${eyeX - 17} ${eyeY}Z`}
        fill="var(--color-base-100)"
        stroke="currentColor"
        strokeWidth={3}
      />
      <circle cx={eyeX + 4} cy={eyeY} r={6} fill="currentColor" />
      {hands.held ? (
        // A hand under it, and no table.
        <path
          d={`M${left - 14} ${base - 26}q-12 -4 -14 8q4 34 40 42h112q36 -8 40 -42q-2 -12 -14 -8q-4 28 -30 30h-104q-26 -2 -30 -30ZM${left + 60} ${base + 24}v20M${right - 60} ${base + 24}v20`}
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={3}
          strokeLinejoin="round"
        />
      ) : (
        <path d={`M20 ${base + 6}H384`} stroke="currentColor" strokeWidth={4} />
      )}
    </>
  );
}
