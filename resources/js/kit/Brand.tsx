/** The name, with a cup on its rim. */
export default function Brand() {
  return (
    <span className="brand">
      <svg viewBox="0 0 34 30" width={30} height={26} fill="none" aria-hidden>
        <path d="M6 9H28L26 23Q25.4 28 21 28H13Q8.6 28 8 23Z" fill="var(--color-primary)" />
        <path
          d="M6 9L8 23Q8.6 28 13 28H21Q25.4 28 26 23L28 9"
          stroke="currentColor"
          strokeWidth={2.4}
          strokeLinejoin="round"
        />
        <path d="M1.5 9H32.5" stroke="currentColor" strokeWidth={3.2} strokeLinecap="round" />
      </svg>
      Hovik
    </span>
  );
}
