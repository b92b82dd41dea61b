import { replaceEqualDeep, useQuery } from "@tanstack/react-query";
import { useOutletContext } from "react-router";
import type { Schemas } from "../api/client";
import { $api } from "../api/query";
import type { Kept } from "../outbox/store";
import type { LiveState } from "../shell/live";

export type Kitchen = Schemas["StationWork"];
export type Way = Schemas["LineWay"];
/** With the way in which it is measured; none: the usual one. */
export type Line = Schemas["StationLine"] & { way?: Way["way"] };
export type Result = Schemas["WeighingResult"];

// The stream tells of everything, and when it opens anew, every ten minutes at least, all of it is asked for; no asking in between.
const LIVE_MS = false;
const ALONE_MS = 5000;

type Change = Schemas["StationChange"];

/** Where what is to do is kept. An answer that was on its way while the stream told of more is older than what stands there. */
export const workQuery = $api.queryOptions(
  "get",
  "/api/work",
  {},
  { structuralSharing: (was, fresh) => replaceEqualDeep(was, notOlder(was as Kitchen | undefined, fresh as Kitchen)) },
);

/** What is to do after what the stream told: all that changes, whole, so what came before it may be missed and what is older is not taken. */
export function withChange(kitchen: Kitchen, change: Change): Kitchen {
  if (kitchen.lab === null || kitchen.gate === null || change.heard < kitchen.heard) return kitchen;
  const { ready, can_be_ready, released, lines, ...rest } = change;
  const of = new Map(lines.map((line) => [line.id, line]));
  return {
    ...kitchen,
    ...rest,
    gate: { ready, can_be_ready, released, directions: released ? kitchen.gate.directions : null },
    lines: kitchen.lines.map((line) => ({ ...line, ...of.get(line.id) })),
  };
}

/** The recipe's directions are not in a change: whoever may read them now asks. */
export const wantsDirections = ({ gate }: Kitchen) => gate?.released === true && gate.directions === null;

const notOlder = (was: Kitchen | undefined, fresh: Kitchen): Kitchen => {
  const isSame = was?.lab && was.gate && was.lab.id === fresh.lab?.id && was.station_id === fresh.station_id;
  if (!isSame || !was.gate || was.heard <= fresh.heard) return fresh;
  const { heard, in_between, help, timers, measuring, todo, lines, gate } = was;
  return withChange(fresh, { ...gate, heard, in_between, help, timers, measuring, todo, lines });
};

/** What this student or station has to do. Asked again now and then, so that an opened lab appears by itself. */
export const useKitchenQuery = (live: LiveState) =>
  useQuery({ ...workQuery, refetchInterval: live === "live" ? LIVE_MS : ALONE_MS });

/** A weighing with its verdict; what was weighed stays weighed. */
export const weighingQuery = (weighing: string) =>
  $api.queryOptions(
    "get",
    "/api/weighings/{weighing}",
    { params: { path: { weighing } } },
    { staleTime: Number.POSITIVE_INFINITY },
  );

export type InKitchen = { kitchen: Kitchen; isLive: boolean };

/** The kitchen, inside its door: always there. */
export const useKitchen = () => useOutletContext<InKitchen>().kitchen;

/** Whether what happens at the station is heard of at once, one's own doings too. */
export const useIsLive = () => useOutletContext<InKitchen>().isLive;

/** Whose outbox it is. */
export const ownerOf = (kitchen: Kitchen) =>
  `${kitchen.kind} ${kitchen.kind === "station" ? kitchen.station_id : kitchen.students[0]?.id}`;

/** The last that counts: a wrong entry has a later one in its place, or was taken back. */
export const latest = (line: Line) => line.attempts.findLast((one) => !one.corrected);

/** Weigh-ins of a line that are still on this device. */
export const keptOf = (line: Line, kept: Kept[]) =>
  kept.filter((item) => item.url.includes("/weighings/") && (item.body as { line_id?: number }).line_id === line.id);

/** What is to be measured yet, or again, in the order to take it; what is kept on this device is measured. */
export const toDo = (kitchen: Kitchen, kept: Kept[]): Line[] =>
  kitchen.todo
    .map((id) => kitchen.lines.find((line) => line.id === id))
    .filter((line) => line !== undefined)
    .filter((line) => keptOf(line, kept).length === 0);

/** The ingredient to measure next; after one was measured, another. */
export const nextLine = (kitchen: Kitchen, kept: Kept[], after?: Line): Line | undefined =>
  toDo(kitchen, kept).find((line) => line.id !== after?.id);
