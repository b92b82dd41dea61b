import { Outlet } from "react-router";
import { useArrival } from "../shell/useArrival";

/** Around every screen. */
export default function Root() {
  useArrival();
  return <Outlet />;
}
