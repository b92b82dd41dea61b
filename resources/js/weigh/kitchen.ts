import { useQuery } from "@tanstack/react-query";
import { useOutletContext } from "react-router";
import client, { body, type Schemas } from "../api/client";

export type Kitchen = Schemas["Kitchen"];
export type Line = Schemas["KitchenLine"];
export type Result = Schemas["Verdict"];

/** What this student or station has to do. Asked again now and then, so that an opened lab appears by itself. */
export const useKitchenQuery = () =>
  useQuery({ queryKey: ["kitchen"], queryFn: () => body(client.GET("/api/kitchen")), refetchInterval: 5000 });

/** The kitchen, inside its door: always there. */
export const useKitchen = () => useOutletContext<Kitchen>();

export const latest = (line: Line) => line.attempts[line.attempts.length - 1];

/** The first ingredient that nobody here has weighed yet. */
export const nextLine = (kitchen: Kitchen, after?: Line): Line | undefined => {
  const from = after ? kitchen.lines.indexOf(after) + 1 : 0;
  return [...kitchen.lines.slice(from), ...kitchen.lines.slice(0, from)].find((line) => line.attempts.length === 0);
};
