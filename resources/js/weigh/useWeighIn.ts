import { useState } from "react";
import type { Problem } from "../api/client";
import { useRefresh } from "../api/query";
import { post } from "../outbox/outbox";
import { type Draft, dropDraft } from "./draft";
import { type Line, ownerOf, type Result, useIsLive, useKitchen, weighingQuery } from "./kitchen";

/** How a weigh-in is sent: first into the outbox of this device. On success its verdict is at hand without another question. */
export function useWeighIn(line: Line, draft: Draft) {
  const refresh = useRefresh();
  const kitchen = useKitchen();
  const isLive = useIsLive();
  const [isPending, setPending] = useState(false);
  const [problem, setProblem] = useState<Problem>();
  const send = async (choice: {
    student: number | undefined;
    scale: number | undefined;
    together: number | undefined;
  }) => {
    setPending(true);
    setProblem(undefined);
    const isDifference = line.by_difference && draft.empty !== undefined && draft.empty !== "";
    const sent = await post({
      id: draft.id,
      url: `/api/weighings/${draft.id}`,
      owner: ownerOf(kitchen),
      body: {
        line_id: line.id,
        student_id: choice.student ?? null,
        scale_id: choice.scale ?? null,
        ...(isDifference ? { full_g: draft.grams, empty_g: draft.empty } : { grams: draft.grams }),
        ...(choice.together !== undefined && { together: choice.together }),
        ...(draft.predicted && { predicted: draft.predicted }),
        source: draft.source ?? "typed",
        ticked: draft.ticked,
      },
    });
    setPending(false);
    if (sent.state === "refused") {
      setProblem(sent.problem);
      return undefined;
    }
    dropDraft(kitchen, line.id);
    if (sent.state === "sent") {
      const result = sent.answer as Result;
      refresh.keep(weighingQuery(result.id), result);
      if (!isLive) void refresh.of("/api/work"); // else the station's stream has it fetched
      return `/kitchen/weighings/${result.id}`;
    }
    return `/kitchen/lines/${line.id}/kept`;
  };
  return { send, isPending, problem, reset: () => setProblem(undefined) };
}
