import type { Report } from "./report";

/** One of the ways to a scale; typing is the one that is always there. */
export interface ScaleLink {
  readonly name: string;
  /** asks for the scale, where it may and must, and begins to listen; fails where there is none */
  open(listen: (report: Report | null) => void, mayAsk?: boolean): Promise<void>;
  close(): void;
}
