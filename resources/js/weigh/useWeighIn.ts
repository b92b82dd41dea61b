import { useState } from "react";
import type { Problem } from "../api/client";
import { useRefresh } from "../api/query";
import { post } from "../outbox/outbox";
import { sentFromHere } from "./device";
import { type Draft, dropDraft } from "./draft";
import { type Line, ownerOf, type Result, useIsLive, useKitchen, weighingQuery } from "./kitchen";
import { readingOf } from "./readings";

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
    /** asked and answered: the scale really shows it */
    sure?: boolean;
  }) => {
    setPending(true);
    setProblem(undefined);
    sentFromHere.set(draft.id, Date.now()); // its news may come before its answer
    const sent = await post({
      id: draft.id,
      url: `/api/weighings/${draft.id}`,
      owner: ownerOf(kitchen),
      body: {
        line_id: line.id,
        student_id: choice.student ?? null,
        scale_id: choice.scale ?? null,
        ...readingOf(draft, line.cups),
        ...(draft.unit && { unit: draft.unit }),
        ...(draft.answers && { left_out: draft.answers.filter((done) => !done).length }),
        ...(choice.together !== undefined && { together: choice.together }),
        ...(line.way && { way: line.way }),
        ...(draft.predicted && { predicted: draft.predicted }),
        source: draft.source ?? "typed",
        ...(draft.source === "scale" && { reports: draft.reports ?? {} }),
        ticked: draft.ticked,
      },
      // A doubtful number is asked about while somebody looks; what waited for the network is stored as it is.
      ...(!choice.sure && { watched: { ask: true } }),
    });
    if (sent.state === "sent") sentFromHere.set(draft.id, Date.now());
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
