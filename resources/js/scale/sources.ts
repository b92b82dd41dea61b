import { hasWebHid } from "./webhid";

export type Source = "typed" | "cable" | "simulated";

/** Which ways to a scale this browser has; typing is always there. */
export const sources = (): Source[] => [
  ...(hasWebHid() ? (["cable"] as const) : []),
  ...(document.querySelector('meta[name="hovik-simulated-scale"]') ? (["simulated"] as const) : []),
];
