import { $api } from "../api/query";

/** Foods and units to choose from, by name. */
export const usePantryNames = () => $api.useQuery("get", "/api/pantry/names", {}, { staleTime: 600_000 });
