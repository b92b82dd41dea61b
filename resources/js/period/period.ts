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
