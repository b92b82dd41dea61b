import { useQuery } from "@tanstack/react-query";
import client, { body, type Schemas } from "../api/client";

export type Library = Schemas["Library"];
export type TechniquePage = Schemas["TechniquePage"];

/** The whole library at once: small, and it stays as it is through a lesson. */
export const useLibrary = (section?: number) =>
  useQuery({
    queryKey: ["techniques", section],
    queryFn: () => body(client.GET("/api/techniques", { params: { query: section === undefined ? {} : { section } } })),
    staleTime: 300_000,
  });
