/** A bowl standing on a tared scale. */
export default function ScaleDrawing({ label, reads }: { label: string; reads: string }) {
  return (
    <svg className="scale-draw" viewBox="60 -66 310 132" fill="none" role="img" aria-label={label}>
      <path
        d="M120 -60C126 -14 150 -2 176 -2H256C282 -2 306 -14 312 -60"
        fill="var(--color-base-100)"
        stroke="currentColor"
        strokeWidth={3.5}
      />
      <path d="M108 -60H324" stroke="currentColor" strokeWidth={4} strokeLinecap="round" />
      <path d="M76 2H356" stroke="currentColor" strokeWidth={7} strokeLinecap="round" />
      <path d="M196 6V18M236 6V18" stroke="currentColor" strokeWidth={5} />
      <path
        d="M92 18H340V46Q340 62 324 62H108Q92 62 92 46Z"
        fill="var(--color-base-200)"
        stroke="currentColor"
        strokeWidth={3.5}
      />
      <rect x={168} y={28} width={96} height={25} rx={2} fill="var(--color-base-content)" />
      <text
        x={216}
        y={47}
        textAnchor="middle"
        fontSize={19}
        fontWeight={700}
        className="display num"
        fill="var(--color-base-100)"
      >
        {reads}
      </text>
    </svg>
  );
}
