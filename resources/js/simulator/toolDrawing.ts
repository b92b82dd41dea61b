import type { Options } from "./useSimulator";

export type Fill = Options["plans"][number]["fills"][number];
