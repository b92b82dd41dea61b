import type { Schemas } from "../api/client";
import { $api, useRefresh } from "../api/query";

export type Wording = Schemas["Wording"];

/** Every phrase that this kitchen may say in its own words, in the language of the screen. */
export const useWordings = () => $api.useQuery("get", "/api/wordings", {});

/** Whatever is said in them is asked for again. */
export function useWordsRefresh() {
  const refresh = useRefresh();
  return { onSuccess: () => refresh.all() };
}
