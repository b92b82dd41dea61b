import type { ReactNode } from "react";

/** Drawn icons; always beside a word, so hidden from screen readers. */
const icon =
  (drawing: ReactNode) =>
  ({ size = 20 }: { size?: number }) => (
    <svg
      viewBox="0 0 24 24"
      width={size}
      height={size}
      fill="none"
      stroke="currentColor"
      strokeWidth={2.2}
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden
    >
      {drawing}
    </svg>
  );

export const Speaker = icon(<path d="M4 9.5v5h4l5 4.5v-14l-5 4.5ZM16.5 8.5q2 3.5 0 7M19 5.5q4 6.5 0 13" />);
export const Tick = icon(<path d="M4.5 12.5 10 18 20 6.5" strokeWidth={3.2} />);
export const Back = icon(<path d="M19 12H5M11 6l-6 6 6 6" />);
export const Erase = icon(
  <>
    <path d="M9 5H21V19H9L2.5 12Z" />
    <path d="M12 9.5l5 5M17 9.5l-5 5" />
  </>,
);
export const Wrong = icon(
  <>
    <path d="M12 3 22 20H2Z" />
    <path d="M12 10v4M12 17.2v.1" />
  </>,
);
export const List = icon(<path d="M4 6H20M4 12H20M4 18H20" />);
export const Screen = icon(
  <>
    <path d="M3 5H21V14Q21 16 19 16H5Q3 16 3 14Z" />
    <path d="M12 16v4M8 20h8" />
  </>,
);

/** Find anything. */
export const Magnifier = () => (
  <svg
    viewBox="0 0 20 20"
    width={20}
    height={20}
    aria-hidden="true"
    fill="none"
    stroke="currentColor"
    strokeWidth={2.2}
  >
    <circle cx="8.5" cy="8.5" r="5.5" />
    <path d="M13 13 L18 18" strokeLinecap="round" />
  </svg>
);
