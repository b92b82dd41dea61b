import "../../css/student/bake.css";
import "../../css/student/checks.css";
import "../../css/student/kitchen.css";
import "../../css/student/lab-day.css";
import "../../css/student/verdict.css";
import "../../css/student/weigh.css";
import { useEffect, useState } from "react";
import { Navigate, useMatch } from "react-router";
import { asProblem } from "../api/client";
import { keepOnDevice } from "../shell/build";
import Loading from "../shell/Loading";
import type { LiveState } from "../shell/live";
import ProblemNote from "../shell/ProblemNote";
import InsideKitchen from "./InsideKitchen";
import { useKitchenQuery } from "./kitchen";

/** Lets students and stations in, and hands them their kitchen. What is on screen stays there while the network is away. */
export default function KitchenDoor() {
  const [live, setLive] = useState<LiveState>("polling");
  const kitchen = useKitchenQuery(live);
  const between = useMatch("/kitchen") !== null; // nothing is torn from under the hands of somebody who is measuring
  const signedOut = kitchen.isError && asProblem(kitchen.error).isSignedOut;
  // The application stays on the device, to open without the network.
  useEffect(() => void keepOnDevice(), []);
  if (signedOut && (between || !kitchen.data)) return <Navigate to="/" replace />;
  if (kitchen.data) return <InsideKitchen kitchen={kitchen.data} onLive={setLive} />;
  if (kitchen.isPending) return <Loading />;
  return <ProblemNote error={kitchen.error} retry={kitchen.refetch} />;
}
