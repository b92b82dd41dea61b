import type { Draft } from "./draft";
import type { Kitchen, Line, Way } from "./kitchen";

/** The usual way, said on purpose: where another is the first offered. */
export const USUAL = "usual";

/** Which way is being gone: the one tapped; else on a student's own phone one that they may go, on a tablet the usual one. */
export function wayOf(kitchen: Kitchen, line: Line, draft: Draft): Way | undefined {
  if (draft.way !== undefined) return line.others.find((one) => one.way === draft.way);
  return kitchen.kind === "student" ? line.others[0] : undefined;
}

/** The line as it is measured that way. */
export const lineBy = (line: Line, way: Way | undefined): Line =>
  way
    ? { ...line, ...way, aim: way.weigh_out === null ? line.aim : null, together: way.one_spoon ? line.together : {} }
    : line;
