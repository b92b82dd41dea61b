import { useEffect } from "react";
import { $api } from "../api/query";
import type { Station } from "./board";

/** What a teacher sees of a station before it mixes: asked for anew once more has happened there. */
export function useGateLook(lab: number, station: Station) {
  const look = $api.useQuery("get", "/api/labs/{lab}/stations/{station}/gate", {
    params: { path: { lab, station: station.id } },
  });
  const { refetch } = look;
  useEffect(() => {
    if (station.heard >= 0) void refetch();
  }, [station.heard, refetch]);
  return look;
}
