import { useEffect } from "react";
import { Outlet } from "react-router";
import { spell } from "../i18n/i18n";
import { useSession } from "../shell/session";
import { useArrival } from "../shell/useArrival";

/** Around every screen. */
export default function Root() {
  const { data } = useSession();
  useArrival();
  useEffect(() => {
    if (data) void spell(data.british);
  }, [data]);
  return <Outlet />;
}
