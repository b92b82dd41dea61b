import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";

export type LiveState = "live" | "polling";

/**
 * Listens to a lab's live facts and has what changed fetched again. While the stream is away it says so, and the caller
 * polls; the browser itself keeps trying to reconnect.
 */
export function useLive(lab: string): LiveState {
  const queries = useQueryClient();
  const [state, setState] = useState<LiveState>("polling");
  useEffect(() => {
    const refetch = () => queries.invalidateQueries({ queryKey: ["board", lab] });
    let stream: EventSource;
    let again: ReturnType<typeof setTimeout>;
    const listen = () => {
      stream = new EventSource(`/live/labs/${lab}`);
      stream.onopen = () => {
        setState("live");
        refetch(); // what happened while nobody listened
      };
      stream.onmessage = refetch;
      stream.onerror = () => {
        setState("polling");
        if (stream.readyState === EventSource.CLOSED) again = setTimeout(listen, 5000); // refused: ask again later
      };
    };
    listen();
    return () => {
      clearTimeout(again);
      stream.close();
    };
  }, [lab, queries]);
  return state;
}
