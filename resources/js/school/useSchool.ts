import type { Schemas } from "../api/client";
import { $api, type Body, useRefresh } from "../api/query";

export type School = Schemas["SchoolPage"];
export type Person = Schemas["PersonRow"];
export type Bells = Body<"put", "/api/school/calendar">;
export type Slip = Schemas["SlipMade"];

export const useSchool = () => $api.useQuery("get", "/api/school");
export const usePeople = () => $api.useQuery("get", "/api/school/people");
export const useEnds = () => $api.useQuery("get", "/api/school/ends");

/** After any change to people or their slips. */
export function usePeopleRefresh() {
  const refresh = useRefresh();
  return { onSuccess: () => refresh.of("/api/school/people", "/api/school/log") };
}
