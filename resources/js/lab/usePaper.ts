import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useReducer, useState } from "react";
import { $api, type Body, useSend } from "../api/query";
import { store as keep } from "../kit/useStored";
import { type Board, boardOf, byCell, cellKey, type Station } from "./board";
import { read, type Sheet, typing } from "./paper";

const PATH = "/api/labs/{lab}/paper";
type Entry = Body<"post", typeof PATH>["entries"][number];

/** Which scales can judge which line: neither changes while sheets are typed in. */
export const scalesOf = (lab: number) =>
  $api.queryOptions("get", PATH, { params: { path: { lab } } }, { staleTime: Number.POSITIVE_INFINITY });

const RESTS_MS = 150;

/** A sheet half typed outlives a reload; gone once it is stored. */
const placeOf = (lab: number) => `hovik.paper.${lab}`;
function kept(lab: number): Sheet {
  try {
    return JSON.parse(localStorage.getItem(placeOf(lab)) ?? "{}") ?? {};
  } catch {
    return {};
  }
}

/** The sheets of a lab as they are typed in: what each cell says, whose it is, on which scale, and how it is judged. */
export function usePaper(board: Board) {
  const lab = board.lab.id;
  const scales = useQuery(scalesOf(lab));
  const stored = useQuery(boardOf(lab));
  const [{ now: sheet, before }, write] = useReducer(typing, { now: kept(lab), before: [] });
  const [done, setDone] = useState(0);
  const [chosen, choose] = useState<Record<number, number>>({});
  const [who, setWho] = useState<Record<number, number>>({});
  const weighed = useMemo(() => byCell(board), [board]);
  const storing = useSend("post", PATH);

  const scaleOf = (line: number) =>
    chosen[line] ?? scales.data?.lines.find((one) => one.id === line)?.best_scale ?? undefined;
  const usually = (station: Station) => who[station.id] ?? station.members[0]?.id;

  const readings = new Map<string, ReturnType<typeof read>>();
  const entries: Entry[] = [];
  for (const station of board.stations) {
    for (const line of board.lines) {
      const key = cellKey(station.id, line.id);
      const written = sheet[key];
      if (written === undefined) continue;
      const reading = read(written, station.members);
      readings.set(key, reading);
      const student = reading.student?.id ?? usually(station);
      const scale = scaleOf(line.id);
      if (student === undefined || scale === undefined) continue;
      const of = { line_id: line.id, station_id: station.id, student_id: student, scale_id: scale };
      entries.push(...reading.tries.map((one) => ({ ...of, ...one })));
    }
  }
  const isUnclear = [...readings.values()].some((one) => one.unclear !== undefined);

  useEffect(() => {
    keep(localStorage, placeOf(lab), Object.keys(sheet).length === 0 ? null : JSON.stringify(sheet));
  }, [sheet, lab]);

  // The verdict as it is typed: asked for once the fingers rest. What comes late, of a sheet that has changed since, is left.
  const rested = useRested(JSON.stringify(entries), RESTS_MS);
  const judging = $api.useQuery(
    "post",
    PATH,
    { params: { path: { lab } }, body: { store: false, entries: JSON.parse(rested) as Entry[] } },
    { enabled: rested !== "[]", retry: false, placeholderData: (last) => last },
  );
  const judged = new Map(entries.length === 0 ? [] : judging.data?.entries.map((entry) => [entry.id, entry]));

  const store = () =>
    storing.send({ params: { path: { lab } }, body: { store: true, entries } }, () => {
      setDone(entries.length);
      write({ type: "empty" });
      void stored.refetch();
    });

  return {
    sheet,
    canUndo: before.length > 0,
    write,
    scaleOf,
    chooseScale: (line: number, scale: number) => choose({ ...chosen, [line]: scale }),
    usually,
    chooseStudent: (station: number, student: number) => setWho({ ...who, [station]: student }),
    readings,
    judged,
    weighed,
    count: entries.length,
    done,
    isUnclear,
    store,
    storing,
    judging,
  };
}

/** A value that has not changed for a while. */
function useRested(value: string, ms: number): string {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return rested;
}
