import { useQuery } from "@tanstack/react-query";
import { useOutletContext } from "react-router";
import client, { body, type Schemas } from "../api/client";
import type { LiveState } from "../app/live";
import type { Kept } from "../outbox/store";

export type Kitchen = Schemas["Kitchen"];
export type Line = Schemas["KitchenLine"];
export type Result = Schemas["Verdict"];

// The stream tells of everything and has all of it fetched again when it is back; asking in between is for what nobody foresaw.
const LIVE_MS = 120_000;
const ALONE_MS = 5000;

/** What this student or station has to do. Asked again now and then, so that an opened lab appears by itself. */
export const useKitchenQuery = (live: LiveState) =>
  useQuery({
    queryKey: ["kitchen"],
    queryFn: () => body(client.GET("/api/work")),
    refetchInterval: live === "live" ? LIVE_MS : ALONE_MS,
  });

export type InKitchen = { kitchen: Kitchen; isLive: boolean };

/** The kitchen, inside its door: always there. */
export const useKitchen = () => useOutletContext<InKitchen>().kitchen;

/** Whether what happens at the station is heard of at once, one's own doings too. */
export const useIsLive = () => useOutletContext<InKitchen>().isLive;

/** Whose outbox it is. */
export const ownerOf = (kitchen: Kitchen) =>
  `${kitchen.kind} ${kitchen.kind === "station" ? kitchen.station_id : kitchen.students[0]?.id}`;

/** The last that counts: a wrong entry has a later one in its place. */
export const latest = (line: Line) => line.attempts[line.attempts.length - 1];

/** Weigh-ins of a line that are still on this device. */
export const keptOf = (line: Line, kept: Kept[]) =>
  kept.filter((item) => item.url.includes("/weighings/") && (item.body as { line_id?: number }).line_id === line.id);

/** Sent back, or not weighed by anybody here yet. */
export const isOpen = (line: Line, kept: Kept[]) =>
  keptOf(line, kept).length === 0 && (line.sent_back !== null || line.attempts.length === 0);

/** What was sent back, then as the period plan has them here, so that stations do not queue. */
export function inPlannedOrder(kitchen: Kitchen): Line[] {
  const planned = kitchen.order
    .map((id) => kitchen.lines.find((line) => line.id === id))
    .filter((line) => line !== undefined);
  const lines = planned.length === kitchen.lines.length ? planned : kitchen.lines;
  return [...lines.filter((line) => line.sent_back !== null), ...lines.filter((line) => line.sent_back === null)];
}

/** The ingredient to measure next; after one was measured, what follows it. */
export function nextLine(kitchen: Kitchen, kept: Kept[], after?: Line): Line | undefined {
  const lines = inPlannedOrder(kitchen);
  const from = after ? lines.indexOf(after) + 1 : 0;
  const inTurn = [...lines.slice(from), ...lines.slice(0, from)].filter((line) => isOpen(line, kept));
  return inTurn.find((line) => line.sent_back !== null) ?? inTurn[0];
}
