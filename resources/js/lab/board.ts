import type { Schemas } from "../api/client";
import { $api } from "../api/query";

export type Board = Schemas["Board"];
export type BoardLine = Schemas["BoardLine"];
export type Weighing = Schemas["BoardWeighing"];
export type Station = Board["stations"][number];

export const boardOf = (lab: number) =>
  $api.queryOptions("get", "/api/labs/{lab}/board", { params: { path: { lab } } });

/** The weighings of each cell, first to last, by `station/line`. */
export function byCell(board: Board): Map<string, Weighing[]> {
  const cells = new Map<string, Weighing[]>();
  for (const weighing of board.weighings) {
    const key = cellKey(weighing.station_id, weighing.line_id);
    cells.set(key, [...(cells.get(key) ?? []), weighing]);
  }
  return cells;
}

/** Whether this station measures it: not where another food stands for it, or nothing. */
export const isAt = (line: { stations: number[] | null }, station: number) =>
  line.stations === null || line.stations.includes(station);

export const cellKey = (station: number, line: number) => `${station}/${line}`;
