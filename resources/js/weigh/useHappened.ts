import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ulid } from "ulid";
import type { Schemas } from "../api/client";
import { post } from "../outbox/outbox";
import { useChosenId } from "./draft";
import { ownerOf, useKitchen } from "./kitchen";

type Event = Schemas["LabEventSent"];

/** Tells what happened at this station, by way of the outbox. Says in words what the server refused. */
export function useHappened() {
  const queries = useQueryClient();
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
    if (sent.state === "sent") queries.setQueryData(["kitchen"], (sent.answer as Schemas["StoredAtStation"]).kitchen);
    if (sent.state === "refused") setProblem(Object.values(sent.problem.fields)[0]?.[0] ?? sent.problem.message);
  };
  return { happened, problem };
}
