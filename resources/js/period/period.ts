import { useQuery } from "@tanstack/react-query";
import client, { body, type Schemas } from "../api/client";

export type Plan = Schemas["PeriodPlan"];
export type Task = Plan["timeline"][number];

export const periodKey = (lab: number) => ["period", lab];
export const usePeriod = (lab: number) =>
  useQuery({
    queryKey: periodKey(lab),
    queryFn: () => body(client.GET("/api/labs/{lab}/period", { params: { path: { lab } } })),
    staleTime: 60_000,
  });

/** What a station is at by the plan, `at` seconds from the bell; between two things, the one that comes. */
export function plannedAt(plan: Plan, station: number, at: number): Task[] {
  const own = plan.timeline.filter((task) => task.station === null || task.station === station);
  const now = own.filter((task) => task.start_s <= at && at < task.end_s);
  const next = own.find((task) => task.start_s >= at);
  return now.length > 0 ? now : next ? [next] : [];
}
