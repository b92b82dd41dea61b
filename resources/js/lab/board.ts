import { replaceEqualDeep } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { $api } from "../api/query";

export type Board = Schemas["Board"];
export type BoardLine = Schemas["BoardLine"];
export type Weighing = Schemas["BoardWeighing"];
export type Station = Board["stations"][number];
export type BoardChange = Schemas["BoardChange"];

export const boardOf = (lab: number) =>
  $api.queryOptions(
    "get",
    "/api/labs/{lab}/board",
    { params: { path: { lab } } },
    // An answer that was on its way while the stream told of more is older than what stands there.
    { structuralSharing: (was, fresh) => replaceEqualDeep(was, notOlder(was as Board | undefined, fresh as Board)) },
  );

/** A board after what its stream told of one station: whole, so that what came before it may be missed, and what is older is not taken. */
export function withChange(board: Board, { station, weighings, totals }: BoardChange): Board {
  const was = board.stations.find((one) => one.id === station.id);
  if (!was || was.heard > station.heard) return board;
  return {
    ...board,
    stations: board.stations.map((one) => (one === was ? station : one)),
    weighings: [...board.weighings.filter((one) => one.station_id !== station.id), ...weighings],
    totals,
  };
}

function notOlder(was: Board | undefined, fresh: Board): Board {
  const newer = was?.stations.filter((one) => one.heard > (fresh.stations.find(({ id }) => id === one.id)?.heard ?? 0));
  return (newer ?? []).reduce(
    (board, station) =>
      was?.lab.id === fresh.lab.id
        ? withChange(board, {
            station,
            weighings: was.weighings.filter((one) => one.station_id === station.id),
            totals: was.totals,
          })
        : board,
    fresh,
  );
}

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
