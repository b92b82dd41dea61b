/** Shy, Level and Heaped as outlines to circle. */
const ToolOutlines = () => (
  <span className="outlines" aria-hidden>
    {["C15 22 33 22 39 18", "L39 18", "C15 8 33 8 39 18"].map((surface) => (
      <svg
        key={surface}
        viewBox="0 0 48 44"
        width={30}
        height={27}
        fill="none"
        stroke="currentColor"
        strokeWidth={2}
        aria-hidden
      >
        <path d={`M9 18 ${surface}`} />
        <path d="M9 18 L11.6 35 Q12.3 40 17 40 H31 Q35.7 40 36.4 35 L39 18M2 18H46" />
      </svg>
    ))}
  </span>
);

export default ToolOutlines;
