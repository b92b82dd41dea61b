import { useQueryClient } from "@tanstack/react-query";
import type { PathsWithMethod } from "openapi-typescript-helpers";
import { useEffect, useRef, useState } from "react";
import type { paths } from "../api/schema";

export type LiveState = "live" | "polling";

/** What a stream tells: a word for what happened, and what goes with it. `change` is what changed of the page, where nobody has to ask. */
export type Fact = {
  what: string;
  kind?: string | null;
  station?: number;
  change?: unknown;
  grams?: string;
  report?: string;
};

/**
 * Listens to a stream of small facts. Nothing in place of a fact: the stream is there (again), and what happened meanwhile is unknown.
 * While the stream is away it says so, and the caller polls; the browser itself keeps trying to reconnect. Without a stream it polls.
 */
export function useLive(stream: string | undefined, hear: (fact?: Fact) => void): LiveState {
  const [state, setState] = useState<LiveState>("polling");
  const latest = useRef(hear);
  useEffect(() => {
    latest.current = hear;
  });
  useEffect(() => {
    if (stream === undefined) return;
    let source: EventSource;
    let again: ReturnType<typeof setTimeout>;
    const listen = () => {
      source = new EventSource(stream);
      source.onopen = () => {
        setState("live");
        latest.current();
      };
      source.onmessage = ({ data }) => latest.current(JSON.parse(data));
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
  }, [stream]);
  return state;
}

/** Has this asked for again whenever something is heard, but for a fact of the name `but`. */
export function useAskingAgain(path: PathsWithMethod<paths, "get">, but?: string) {
  const queries = useQueryClient();
  return (fact?: Fact) => {
    if (fact?.what !== but || but === undefined) void queries.invalidateQueries({ queryKey: ["get", path] });
  };
}
