import type { Fill } from "./toolDrawing";
import type { Hands, Shown } from "./useSimulator";

/** The jug on its table, what stands in it, the line that was meant, and the eye with where it looks. */
export default function SimulatedJug({
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
