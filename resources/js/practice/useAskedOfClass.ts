import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import client, { body, type Schemas } from "../api/client";
import { type LiveState, useLive } from "../app/live";

type Asked = Schemas["AskedOfClass"];
type Setup = Pick<Asked, "skill" | "level" | "seed">;
export type AskedOfClass = ReturnType<typeof useAskedOfClass>;

const POLL_MS = 3000;

/** What is being asked on a class's devices (`now`; undefined until known), and the teacher's three acts with it. */
export function useAskedOfClass(section: number | undefined) {
  const queries = useQueryClient();
  const [live, setLive] = useState<LiveState>("polling");
  const key = ["asked-of-class", section];
  const path = { path: { section: section ?? 0 } };
  const asked = useQuery({
    queryKey: key,
    queryFn: () => body(client.GET("/api/sections/{section}/class-question", { params: path })),
    enabled: section !== undefined,
    refetchInterval: live === "polling" ? POLL_MS : false,
  });
  const state = useLive(section === undefined ? undefined : `/live/sections/${section}`, key);
  if (state !== live) setLive(state);
  const act = useMutation({
    mutationFn: (what: Setup | "show" | "end"): Promise<{ asked: Asked | null }> =>
      what === "show"
        ? body(client.PUT("/api/sections/{section}/class-question", { params: path }))
        : what === "end"
          ? body(client.DELETE("/api/sections/{section}/class-question", { params: path }))
          : body(client.POST("/api/sections/{section}/class-question", { params: path, body: what })),
    onSuccess: (told) => queries.setQueryData(key, told),
  });
  return {
    now: asked.data?.asked,
    acts: {
      ask: (setup: Setup) => act.mutate(setup),
      show: () => act.mutate("show"),
      end: () => act.mutate("end"),
    },
  };
}
