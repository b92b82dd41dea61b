import type { Schemas } from "../api/client";
import { $api, useRefresh, useSend } from "../api/query";

/** What a weighing may come from, and the student's own guess; what was said stays said. */
export function useCauses(weighing: string) {
  const refresh = useRefresh();
  const params = { path: { weighing } };
  const path = "/api/weighings/{weighing}/causes";
  const asked = $api.useQuery("get", path, { params }, { staleTime: Number.POSITIVE_INFINITY });
  const guessing = useSend("put", "/api/weighings/{weighing}/guess", {
    onSuccess: (causes) => refresh.keep($api.queryOptions("get", path, { params }), causes),
  });
  return {
    asked,
    guessing,
    guess: (cause: Schemas["CauseChoice"]["id"]) => guessing.send({ params, body: { cause } }),
  };
}
