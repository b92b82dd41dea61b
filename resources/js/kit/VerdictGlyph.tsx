import { useTranslation } from "react-i18next";

export type Verdict = "level" | "heaped" | "shy" | "too-close";
export type Glyph = Verdict | "none" | "now";

const RIM = 18;
const WALL = `M9 ${RIM} L11.6 35 Q12.3 40 17 40 H31 Q35.7 40 36.4 35 L39 ${RIM}`;
const BASE = "L36.4 35 Q35.7 40 31 40 H17 Q12.3 40 11.6 35 Z";

/** Height of the surface off the rim in glyph units, for an error that many tolerances large. For drawing only. */
export const lift = (verdict: Glyph, tolerances: number): number => {
  if (verdict !== "heaped" && verdict !== "shy") return 0;
  const height = Math.min(14, 3 + 2.6 * Math.abs(tolerances));
  return verdict === "heaped" ? height : -height;
};

/** Rim corner to rim corner; the apex is exactly `height` above the rim. */
export const surface = (height: number, from: number, to: number, rim: number): string => {
  const width = to - from;
  const pull = (4 * height) / 3;
  return `C${from + width * 0.2} ${rim - pull} ${to - width * 0.2} ${rim - pull} ${to} ${rim}`;
};

type Props = { verdict: Glyph; tolerances?: number; size?: number; edge?: boolean; hidden?: boolean };

/** A cup in section at its rim: flat, a dome through the straight edge, a dish under it, or dots where nobody can tell. */
export default function VerdictGlyph({ verdict, tolerances = 1, size = 44, edge = true, hidden = false }: Props) {
  const { t } = useTranslation();
  const line = { stroke: "currentColor", strokeWidth: 2, strokeLinecap: "round", strokeLinejoin: "round" } as const;
  const filled = verdict === "level" || verdict === "heaped" || verdict === "shy";
  return (
    <svg
      viewBox="0 0 48 44"
      width={size}
      height={(size * 44) / 48}
      fill="none"
      overflow="visible"
      role="img"
      aria-label={t(`verdict.${verdict}`)}
      aria-hidden={hidden}
    >
      {filled && (
        <path d={`M9 ${RIM} ${surface(lift(verdict, tolerances), 9, 39, RIM)} ${BASE}`} fill={`var(--${verdict})`} />
      )}
      {verdict === "now" && <path d="M9.3 19.5H38.7L37.6 26.5H10.4Z" fill="var(--color-accent)" />}
      <path d={WALL} {...line} />
      {verdict === "too-close" ? (
        <>
          <path
            d={`M12 ${RIM}H36.5`}
            stroke="currentColor"
            strokeWidth={3}
            strokeDasharray="0.1 6"
            strokeLinecap="round"
          />
          <g fill="var(--close)">
            {[
              [17, 25],
              [24, 25],
              [31, 25],
              [20.5, 32.5],
              [27.5, 32.5],
            ].map(([x, y]) => (
              <circle key={`${x} ${y}`} cx={x} cy={y} r={2} />
            ))}
          </g>
          {edge && <path d={`M2 ${RIM}H7M41 ${RIM}H46`} {...line} />}
        </>
      ) : (
        edge && <path d={`M2 ${RIM}H46`} {...line} />
      )}
    </svg>
  );
}
