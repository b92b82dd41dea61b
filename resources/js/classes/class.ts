import type { Schemas } from "../api/client";
import { useRefresh } from "../api/query";

export type Class = Schemas["SectionPage"];

/** After any change to a class: it, and the list of classes, are asked for again. */
export function useClassRefresh() {
  const refresh = useRefresh();
  return { onSuccess: () => refresh.of("/api/sections/{section}", "/api/today") };
}
