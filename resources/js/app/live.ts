import { type QueryKey, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";

export type LiveState = "live" | "polling";

/**
 * Listens to a stream of small facts and has what changed fetched again. While the stream is away it says so, and the caller
 * polls; the browser itself keeps trying to reconnect. Without a stream to listen to it polls. A fact of the name `but` changes nothing here.
 */
export function useLive(stream: string | undefined, changes: QueryKey, but?: string): LiveState {
  const queries = useQueryClient();
  const [state, setState] = useState<LiveState>("polling");
  const key = JSON.stringify(changes);
  useEffect(() => {
    if (stream === undefined) return;
    const refetch = () => queries.invalidateQueries({ queryKey: JSON.parse(key) });
    let source: EventSource;
    let again: ReturnType<typeof setTimeout>;
    const listen = () => {
      source = new EventSource(stream);
      source.onopen = () => {
        setState("live");
        refetch(); // what happened while nobody listened
      };
      source.onmessage = ({ data }) => JSON.parse(data).what !== but && refetch();
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
  }, [stream, key, but, queries]);
  return state;
}
