import { useMutation, useQueryClient } from "@tanstack/react-query";
import { createContext, type ReactNode, useContext, useEffect, useState } from "react";
import { ulid } from "ulid";
import client, { asProblem, type Schemas } from "../api/client";

type Event = Schemas["LabEventSent"];
type Done = { id: string; event: Event };

const UNDOABLE: Event["kind"][] = ["checked", "sent-back", "released", "closed-again"];
const UNDO_MS = 8000;

function useWriting(lab: number) {
  const queries = useQueryClient();
  const [last, setLast] = useState<Done>();
  const saying = useMutation({
    mutationFn: async ({ id, event }: Done) =>
      void (await client.PUT("/api/labs/{lab}/events/{event}", { params: { path: { lab, event: id } }, body: event })),
    onSuccess: (_, done) => setLast(UNDOABLE.includes(done.event.kind) ? done : undefined),
    onSettled: () => queries.invalidateQueries({ queryKey: ["board", String(lab)] }),
  });
  useEffect(() => {
    if (!last) return;
    const over = setTimeout(() => setLast(undefined), UNDO_MS);
    return () => clearTimeout(over);
  }, [last]);
  const problem = saying.isError ? asProblem(saying.error) : undefined;
  const say = (event: Event) => saying.mutate({ id: ulid(), event });
  return {
    say,
    isPending: saying.isPending,
    problem: problem && (Object.values(problem.fields)[0]?.[0] ?? problem.message),
    last: last?.event,
    undo: () => last && say({ kind: "undone", station_id: last.event.station_id ?? null, detail: { event: last.id } }),
  };
}

const Writing = createContext<ReturnType<typeof useWriting> | undefined>(undefined);

/** Where the teacher writes down what happens at stations; what was done last can be undone for eight seconds. */
export function Desk({ lab, children }: { lab: number; children: ReactNode }) {
  return <Writing.Provider value={useWriting(lab)}>{children}</Writing.Provider>;
}

/** What the teacher does at a station: written down at once, and the board fetched again. */
export function useDesk() {
  const desk = useContext(Writing);
  if (!desk) throw new Error("There is no desk around this.");
  return desk;
}

/** Single keys act only where nobody is typing. */
export const isTyping = (event: { target: EventTarget | null; ctrlKey: boolean; metaKey: boolean; altKey: boolean }) =>
  event.ctrlKey ||
  event.metaKey ||
  event.altKey ||
  event.target instanceof HTMLInputElement ||
  event.target instanceof HTMLTextAreaElement ||
  event.target instanceof HTMLSelectElement;
