import { useState } from "react";
import { ulid } from "ulid";
import type { Schemas } from "../api/client";
import { type Body, useRefresh } from "../api/query";
import { post } from "../outbox/outbox";
import { useChosenId } from "./draft";
import { ownerOf, useKitchen, workQuery } from "./kitchen";

type Event = Body<"put", "/api/events/{event}">;

/** Tells what happened at this station, by way of the outbox. Says in words what the server refused. */
export function useHappened() {
  const refresh = useRefresh();
  const kitchen = useKitchen();
  const [student] = useChosenId("student");
  const [problem, setProblem] = useState<string>();
  const happened = async (kind: Event["kind"], more: Omit<Event, "kind" | "student_id"> = {}) => {
    setProblem(undefined);
    const id = ulid();
    const sent = await post({
      id,
      url: `/api/events/${id}`,
      body: { kind, student_id: student ?? null, ...more },
      owner: ownerOf(kitchen),
    });
    if (sent.state === "sent") refresh.keep(workQuery, (sent.answer as Schemas["StoredAtStation"]).work, sent.at);
    if (sent.state === "refused") setProblem(Object.values(sent.problem.fields)[0]?.[0] ?? sent.problem.message);
    return sent.state !== "refused";
  };
  return { happened, problem };
}
