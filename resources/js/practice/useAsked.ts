import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import client, { body } from "../api/client";
import { type LiveState, useLive } from "../app/live";

const POLL_MS = 5000;

/** What my class is being asked, as it changes. */
export function useAsked() {
  const [live, setLive] = useState<LiveState>("polling");
  const asked = useQuery({
    queryKey: ["class-question"],
    queryFn: () => body(client.GET("/api/class-question")),
    refetchInterval: live === "polling" ? POLL_MS : false,
  });
  // That somebody else has answered is for the wall alone.
  const now = useLive(asked.data && `/live/sections/${asked.data.section_id}`, ["class-question"], "answered");
  if (now !== live) setLive(now);
  return asked;
}
