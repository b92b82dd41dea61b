import { $api, useRefresh, useSend } from "../api/query";

/** How this station's bake came out, and logging it. */
export function useBake() {
  const refresh = useRefresh();
  const keep = { onSuccess: (now: unknown) => refresh.keep($api.queryOptions("get", "/api/bake"), now) };
  const bake = $api.useQuery("get", "/api/bake");
  const logging = useSend("put", "/api/bake/{fault}", keep);
  const takingBack = useSend("delete", "/api/bake/{fault}", keep);
  return {
    bake,
    isPending: logging.isPending || takingBack.isPending,
    says: logging.says ?? takingBack.says,
    tap: (fault: string, chosen: boolean) => (chosen ? takingBack : logging).send({ params: { path: { fault } } }),
  };
}
