import type { Line } from "./kitchen";

/** What is counted: eggs cracked, cups filled that keep their food, or fills tipped out. */
export const countKind = (line: Line) => (line.pieces !== null ? "piece" : line.cups > 0 ? "cup" : "fill");

/** How many eggs or fills are answered one by one: none where there is only one, or where a pour goes to a line. */
export function toCount(line: Line): number {
  const of = line.pieces ?? line.fills.reduce((all, fill) => all + (fill.to_mark === null ? fill.count : 0), 0);
  return of < 2 ? 0 : of;
}
