import type { Schemas } from "../api/client";
import { $api } from "../api/query";

export type Library = Schemas["TechniqueLibrary"];
export type TechniquePage = Schemas["TechniqueFamily"];

/** The whole library at once: small, and it stays as it is through a lesson. */
export const useLibrary = (section?: number) =>
  $api.useQuery(
    "get",
    "/api/techniques",
    { params: { query: section === undefined ? {} : { section } } },
    { staleTime: 300_000 },
  );
