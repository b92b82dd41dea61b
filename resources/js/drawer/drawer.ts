import type { Schemas } from "../api/client";
import { useRefresh } from "../api/query";

export type Drawer = Schemas["DrawerPage"];
export type Tool = Drawer["tools"][number];
export type Scale = Drawer["scales"][number];
export type Named = Drawer["named"][number];

/** After a change to the drawer. */
export function useDrawerRefresh() {
  const refresh = useRefresh();
  return { onSuccess: () => refresh.of("/api/drawer") };
}
