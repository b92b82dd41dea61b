import { useState } from "react";
import { $api } from "../api/query";
import { type LiveState, useLive } from "../shell/live";

const POLL_MS = 5000;

/** What my class is being asked, as it changes. */
export function useAsked() {
  const [live, setLive] = useState<LiveState>("polling");
  const asked = $api.useQuery(
    "get",
    "/api/class-question",
    {},
    { refetchInterval: live === "polling" ? POLL_MS : false },
  );
  // That somebody else has answered is for the wall alone.
  const now = useLive(asked.data && `/live/sections/${asked.data.section_id}`, "/api/class-question", "answered");
  if (now !== live) setLive(now);
  return asked;
}
