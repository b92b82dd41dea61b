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

/** px that a timeline has at least, and that a letter in a bar takes at most. */
const LEAST_WIDE = 804;
const LETTER = 5.9;
const SIDES = 8;

/** Whether a word fits into its bar whole; an ellipsis says nothing. */
export const fitsIn = (word: string, share: number) => word.length * LETTER + SIDES <= share * LEAST_WIDE;

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
