/** The eye on the line: it comes down from above. */
export default function Eye() {
  return (
    <g className="mv mv-eye">
      <path d="M56 96H100" stroke="currentColor" strokeWidth={2} strokeDasharray="3 5" />
      <path d="M14 96Q32 78 52 96Q32 114 14 96Z" fill="var(--color-base-100)" stroke="currentColor" strokeWidth={3.5} />
      <circle cx={36} cy={96} r={7} fill="currentColor" />
    </g>
  );
}
