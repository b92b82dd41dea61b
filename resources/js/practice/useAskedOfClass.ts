import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { $api, type Body, useRefresh, useSend } from "../api/query";
import { type LiveState, useAskingAgain, useLive } from "../shell/live";

const PATH = "/api/sections/{section}/class-question";
export type Setup = Body<"post", typeof PATH>;
export type AskedOfClass = ReturnType<typeof useAskedOfClass>;

const POLL_MS = 3000;

/** What is being asked on a class's devices (`now`; undefined until known), and the teacher's three acts with it. */
export function useAskedOfClass(section: number | undefined) {
  const refresh = useRefresh();
  const [live, setLive] = useState<LiveState>("polling");
  const of = { params: { path: { section: section ?? 0 } } };
  const query = $api.queryOptions("get", PATH, of, {
    enabled: section !== undefined,
    refetchInterval: live === "polling" ? POLL_MS : (false as const),
  });
  const asked = useQuery(query);
  const hear = useAskingAgain(PATH);
  const state = useLive(section === undefined ? undefined : `/live/sections/${section}`, hear);
  if (state !== live) setLive(state);
  const keep = { onSuccess: (told: unknown) => refresh.keep(query, told) };
  const asking = useSend("post", PATH, keep);
  const showing = useSend("put", PATH, keep);
  const ending = useSend("delete", PATH, keep);
  return {
    now: asked.data?.asked,
    acts: {
      ask: (setup: Setup) => asking.send({ ...of, body: setup }),
      show: () => showing.send(of),
      end: () => ending.send(of),
    },
  };
}
