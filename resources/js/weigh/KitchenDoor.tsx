import { Navigate, Outlet } from "react-router";
import { asProblem } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import { useKitchenQuery } from "./kitchen";

/** Lets students and stations in, and hands them their kitchen. What is on screen stays there while the network is away. */
export default function KitchenDoor() {
  const kitchen = useKitchenQuery();
  if (kitchen.data) return <Outlet context={kitchen.data} />;
  if (kitchen.isPending) return <Loading />;
  if (asProblem(kitchen.error).isSignedOut) return <Navigate to="/" replace />;
  return <ProblemNote error={kitchen.error} retry={kitchen.refetch} />;
}
