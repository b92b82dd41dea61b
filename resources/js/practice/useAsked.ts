import { useState } from "react";
import { $api } from "../api/query";
import { type LiveState, useAskingAgain, useLive } from "../shell/live";

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
  const hear = useAskingAgain("/api/class-question", "answered");
  const now = useLive(asked.data && `/live/sections/${asked.data.section_id}`, hear);
  if (now !== live) setLive(now);
  return asked;
}
