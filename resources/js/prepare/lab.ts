import type { Schemas } from "../api/client";
import { $api, useRefresh } from "../api/query";

export type Sheet = Schemas["LabPage"];

export const PRINTS = ["cards", "sheet", "list", "techniques", "blank"] as const;

export const useLabSheet = (lab: number) =>
  $api.useQuery("get", "/api/labs/{lab}/sheet", { params: { path: { lab } } });

/** After a change to a lab that is being prepared. */
export function useSheetRefresh() {
  const refresh = useRefresh();
  return { onSuccess: () => refresh.of("/api/labs/{lab}/sheet") };
}
