import { Navigate, Outlet, useMatch } from "react-router";
import { asProblem } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import { useKitchenQuery } from "./kitchen";

/** Lets students and stations in, and hands them their kitchen. What is on screen stays there while the network is away. */
export default function KitchenDoor() {
  const kitchen = useKitchenQuery();
  const between = useMatch("/kitchen") !== null; // nothing is torn from under the hands of somebody who is measuring
  const signedOut = kitchen.isError && asProblem(kitchen.error).isSignedOut;
  if (signedOut && (between || !kitchen.data)) return <Navigate to="/" replace />;
  if (kitchen.data) return <Outlet context={kitchen.data} />;
  if (kitchen.isPending) return <Loading />;
  return <ProblemNote error={kitchen.error} retry={kitchen.refetch} />;
}
