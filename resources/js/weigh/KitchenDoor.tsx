import { useEffect, useState } from "react";
import { Navigate, Outlet, useMatch } from "react-router";
import { asProblem } from "../api/client";
import Loading from "../app/Loading";
import { type LiveState, useLive } from "../app/live";
import ProblemNote from "../app/ProblemNote";
import { belongsTo, keepSending } from "../outbox/outbox";
import { dropOldDrafts } from "./draft";
import { type InKitchen, type Kitchen, ownerOf, useKitchenQuery } from "./kitchen";
import { useScreenAwake } from "./useScreenAwake";

/** Lets students and stations in, and hands them their kitchen. What is on screen stays there while the network is away. */
export default function KitchenDoor() {
  const [live, setLive] = useState<LiveState>("polling");
  const kitchen = useKitchenQuery(live);
  const between = useMatch("/kitchen") !== null; // nothing is torn from under the hands of somebody who is measuring
  const signedOut = kitchen.isError && asProblem(kitchen.error).isSignedOut;
  // The application stays on the device, to open without the network.
  useEffect(() => void navigator.serviceWorker?.register("/sw.js"), []);
  if (signedOut && (between || !kitchen.data)) return <Navigate to="/" replace />;
  if (kitchen.data) return <Inside kitchen={kitchen.data} onLive={setLive} />;
  if (kitchen.isPending) return <Loading />;
  return <ProblemNote error={kitchen.error} retry={kitchen.refetch} />;
}

/** Hears what happens at the station, and sends what is kept here. */
function Inside({ kitchen, onLive }: { kitchen: Kitchen; onLive: (state: LiveState) => void }) {
  const owner = ownerOf(kitchen);
  const stream =
    kitchen.lab && kitchen.station_id ? `/live/labs/${kitchen.lab.id}/stations/${kitchen.station_id}` : undefined;
  const live = useLive(stream, ["kitchen"]);
  useEffect(() => onLive(live), [live, onLive]);
  useEffect(() => {
    belongsTo(owner);
    return keepSending();
  }, [owner]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once a lab
  useEffect(() => dropOldDrafts(kitchen), [kitchen.lab?.id]);
  useScreenAwake(kitchen.lab !== null);
  return <Outlet context={{ kitchen, isLive: live === "live" } satisfies InKitchen} />;
}
