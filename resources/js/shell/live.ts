import { useQueryClient } from "@tanstack/react-query";
import type { PathsWithMethod } from "openapi-typescript-helpers";
import { useEffect, useState } from "react";
import type { paths } from "../api/schema";
import { tellReading } from "./readings";

export type LiveState = "live" | "polling";

/**
 * Listens to a stream of small facts and has what changed fetched again. While the stream is away it says so, and the caller
 * polls; the browser itself keeps trying to reconnect. Without a stream to listen to it polls. A fact of the name `but` changes nothing here.
 */
export function useLive(stream: string | undefined, changes: PathsWithMethod<paths, "get">, but?: string): LiveState {
  const queries = useQueryClient();
  const [state, setState] = useState<LiveState>("polling");
  useEffect(() => {
    if (stream === undefined) return;
    const refetch = () => queries.invalidateQueries({ queryKey: ["get", changes] });
    let source: EventSource;
    let again: ReturnType<typeof setTimeout>;
    const listen = () => {
      source = new EventSource(stream);
      source.onopen = () => {
        setState("live");
        refetch(); // what happened while nobody listened
      };
      source.onmessage = ({ data }) => {
        const fact = JSON.parse(data);
        if (!tellReading(fact) && fact.what !== but) refetch();
      };
      source.onerror = () => {
        setState("polling");
        if (source.readyState === EventSource.CLOSED) again = setTimeout(listen, 5000); // refused: ask again later
      };
    };
    listen();
    return () => {
      clearTimeout(again);
      source.close();
    };
  }, [stream, changes, but, queries]);
  return state;
}
