import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo } from "react";
import { Outlet, useMatch } from "react-router";
import type { Schemas } from "../api/client";
import { useRefresh } from "../api/query";
import { settleDecimal, useSettledDecimal } from "../kit/numbers";
import { useLargePrint, usePrintIn } from "../kit/useLargePrint";
import { belongsTo, keepSending } from "../outbox/outbox";
import { type Fact, type LiveState, useLive } from "../shell/live";
import { tellReading } from "../shell/readings";
import { sentFromHere } from "./device";
import { dropOldDrafts } from "./draft";
import { type InKitchen, type Kitchen, ownerOf, wantsDirections, withChange, workQuery } from "./kitchen";
import LabClosed from "./LabClosed";
import Told from "./Told";
import { useScreenAwake } from "./useScreenAwake";
import { useTellsLine } from "./useTellsLine";

const OF_THE_QUESTION = ["asked", "shown", "ended"];

/** Hears what happens at the station, and sends what is kept here. */
export default function InsideKitchen({ kitchen, onLive }: { kitchen: Kitchen; onLive: (state: LiveState) => void }) {
  const owner = ownerOf(kitchen);
  const ofClass = `/live/sections/${kitchen.section_id}`;
  const live = useLive(
    kitchen.station_id === null ? ofClass : `${ofClass}/stations/${kitchen.station_id}`,
    useHearing(),
  );
  useEffect(() => onLive(live), [live, onLive]);
  useEffect(() => {
    belongsTo(owner);
    return keepSending();
  }, [owner]);
  const [lab, setUp, cleanUp] = [kitchen.lab?.id, kitchen.set_up?.lab_id, kitchen.clean_up?.lab_id];
  useEffect(() => {
    // What was typed before a lab was closed is there when it is opened again.
    if (lab !== undefined || cleanUp !== undefined) dropOldDrafts([lab, setUp, cleanUp]);
  }, [lab, setUp, cleanUp]);
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
  const atLine = useMatch("/kitchen/lines/:line/*");
  const open = atLine ? Number(atLine.params.line) : undefined;
  useTellsLine(kitchen, open);
  const hearer = useMemo(() => ({ own: sentFromHere, open }), [open]);
  return (
    <>
      <Told kitchen={kitchen} hearer={hearer} />
      {atLine && kitchen.lab === null ? (
        <LabClosed kitchen={kitchen} />
      ) : (
        <Outlet context={{ kitchen, isLive: live === "live" } satisfies InKitchen} />
      )}
    </>
  );
}

/** What the stream tells: taken as it is where it carries what changed, asked for where it does not. */
function useHearing() {
  const queries = useQueryClient();
  const refresh = useRefresh();
  return (fact?: Fact) => {
    if (fact?.what === "reading") tellReading(fact);
    else if (fact && OF_THE_QUESTION.includes(fact.what)) void refresh.of("/api/class-question");
    else if (fact?.what === "answered")
      return; // for the wall alone
    else if (fact?.change) {
      const change = fact.change as Schemas["StationChange"];
      const now = queries.setQueryData<Kitchen>(workQuery.queryKey, (was) => was && withChange(was, change));
      if (now && wantsDirections(now)) void refresh.of("/api/work");
    } else void refresh.of("/api/work");
  };
}
