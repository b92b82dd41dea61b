import type { ReactNode } from "react";
import { Navigate } from "react-router";
import { useKitchen } from "./kitchen";
import { useIsDone } from "./StationCheck";

export const TO_SET_UP = "set up first";

/** Nobody measures or weighs before the station has set up, on a tablet or a phone, by whatever link they came. */
export default function SetUpFirst({ children }: { children: ReactNode }) {
  const kitchen = useKitchen();
  const isDone = useIsDone();
  return kitchen.set_up === null || isDone("set-up", kitchen.set_up) ? (
    children
  ) : (
    <Navigate to="/kitchen" replace state={TO_SET_UP} />
  );
}
