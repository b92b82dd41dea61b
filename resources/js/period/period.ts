import type { Schemas } from "../api/client";
import { $api } from "../api/query";

export type Plan = Schemas["PeriodPage"];
/** One period of it, from bell to bell. */
export type Part = Schemas["PeriodPart"];
export type Task = Part["timeline"][number];

export const periodQuery = (lab: number) =>
  $api.queryOptions("get", "/api/labs/{lab}/period", { params: { path: { lab } } }, { staleTime: 60_000 });

/** What a station is at by the plan, `at` seconds from the bell; between two things, the one that comes. */
export function plannedAt(part: Part, station: number, at: number): Task[] {
  const own = part.timeline.filter((task) => task.station === null || task.station === station);
  const now = own.filter((task) => task.start_s <= at && at < task.end_s);
  const next = own.find((task) => task.start_s >= at);
  return now.length > 0 ? now : next ? [next] : [];
}

/** Two letters for each name, no two alike: where a word does not fit, they stand for it, and are told below. */
export function codes(names: string[]): Map<string, string> {
  const given = new Map<string, string>();
  for (const name of [...new Set(names)]) {
    const letters = [...name.replace(/[^\p{L}]/gu, "")];
    const pairs = [
      ...letters.slice(1).map((letter) => `${letters[0]}${letter}`),
      ...letters.flatMap((one, i) => letters.slice(i + 1).map((other) => `${one.toUpperCase()}${other}`)),
    ];
    const free = pairs.find((pair) => ![...given.values()].includes(pair));
    given.set(name, free ?? `${letters[0] ?? ""}${given.size + 1}`);
  }
  return given;
}

/** px that a timeline has at least, that a letter in a bar takes at most, and that a minute without measuring takes. */
export const LEAST_WIDE = 804;

const LETTER = 5.9;

const SIDES = 8;

const QUIET_MINUTE = 9;

/** Whether a word fits into its bar whole; an ellipsis says nothing. */
export const fitsIn = (word: string, share: number, wide = LEAST_WIDE) => word.length * LETTER + SIDES <= share * wide;

export type Axis = {
  /** where a moment stands, from 0 to 1 */
  at: (s: number) => number;
  /** minutes that are named, and those that have a stroke alone */
  named: number[];
  strokes: number[];
};

/** A time axis in two scales: while stations measure and weigh, minutes are wide; before and after, there is less to tell. */
export function axis(part: Part, whole: number): Axis {
  const busy = part.timeline.filter((task) => ["measure", "weigh", "check"].includes(task.what));
  const from = Math.min(whole, ...busy.map((task) => task.start_s));
  const to = Math.max(from, ...busy.map((task) => task.end_s));
  const quiet = whole - (to - from);
  // Never narrower than one scale would have them; all of it where nothing is measured.
  const quietShare = to === from ? 1 : Math.min(quiet / whole, ((quiet / 60) * QUIET_MINUTE) / LEAST_WIDE);
  const perQuiet = quiet === 0 ? 0 : quietShare / quiet;
  const perBusy = to === from ? 0 : (1 - quietShare) / (to - from);
  const at = (s: number) =>
    Math.min(s, from) * perQuiet + Math.max(0, Math.min(s, to) - from) * perBusy + Math.max(0, s - to) * perQuiet;
  const minutes = Array.from({ length: Math.floor(whole / 60) + 1 }, (_, i) => i);
  const isBusy = (minute: number) => 60 * minute >= from && 60 * minute <= to;
  return {
    at,
    named: minutes.filter((minute) => minute % (isBusy(minute) ? 2 : 5) === 0),
    strokes: minutes.filter(isBusy),
  };
}

/** A moment of the period by the clock: `10:05` and 12 minutes are `10:17`. */
export function byClock(starts: string, minute: number): string {
  const [hours = 0, minutes = 0] = starts.split(":").map(Number);
  const at = hours * 60 + minutes + minute;
  return `${Math.floor(at / 60) % 24}:${String(at % 60).padStart(2, "0")}`;
}

/** Puts each task into the first row where nothing is at that time. */
export function inRows(tasks: Task[]): [Task, number][] {
  const ends: number[] = [];
  return tasks.map((task) => {
    let row = ends.findIndex((end) => end <= task.start_s);
    if (row < 0) row = ends.length;
    ends[row] = task.end_s;
    return [task, row];
  });
}
