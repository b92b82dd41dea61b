import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Outlet } from "react-router";
import { settleDecimal, useSettledDecimal } from "../kit/numbers";
import { useLargePrint, usePrintIn } from "../kit/useLargePrint";
import { belongsTo, keepSending } from "../outbox/outbox";
import { type LiveState, useLive } from "../shell/live";
import { dropOldDrafts } from "./draft";
import { type InKitchen, type Kitchen, ownerOf } from "./kitchen";
import { useScreenAwake } from "./useScreenAwake";

/** Hears what happens at the station, and sends what is kept here. */
export default function InsideKitchen({ kitchen, onLive }: { kitchen: Kitchen; onLive: (state: LiveState) => void }) {
  const owner = ownerOf(kitchen);
  const stream =
    kitchen.lab && kitchen.station_id ? `/live/labs/${kitchen.lab.id}/stations/${kitchen.station_id}` : undefined;
  const live = useLive(stream, "/api/work");
  useEffect(() => onLive(live), [live, onLive]);
  useEffect(() => {
    belongsTo(owner);
    return keepSending();
  }, [owner]);
  const [lab, setUp, cleanUp] = [kitchen.lab?.id, kitchen.set_up?.lab_id, kitchen.clean_up?.lab_id];
  useEffect(() => dropOldDrafts([lab, setUp, cleanUp]), [lab, setUp, cleanUp]);
  const [isLarge] = useLargePrint(kitchen.kind === "student" && kitchen.ways.includes("large-print"));
  usePrintIn(isLarge);
  const queries = useQueryClient();
  const settled = useSettledDecimal();
  const decimal = kitchen.decimal ?? null; // what was kept by an older version has none
  useEffect(() => {
    if (settled === decimal) return;
    settleDecimal(decimal);
    void queries.invalidateQueries(); // what the server said of numbers is said anew
  }, [decimal, settled, queries]);
  useScreenAwake(kitchen.lab !== null);
  return <Outlet context={{ kitchen, isLive: live === "live" } satisfies InKitchen} />;
}
