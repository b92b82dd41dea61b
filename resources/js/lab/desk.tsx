import { createContext, type ReactNode, useContext, useEffect, useState } from "react";
import { ulid } from "ulid";
import { type Body, useRefresh, useSend } from "../api/query";

type Event = Body<"put", "/api/labs/{lab}/events/{event}">;
type Done = { id: string; event: Event };

const UNDOABLE: Event["kind"][] = ["checked", "sent-back", "released", "closed-again"];
const UNDO_MS = 8000;

function useWriting(lab: number) {
  const refresh = useRefresh();
  const [last, setLast] = useState<Done>();
  const saying = useSend("put", "/api/labs/{lab}/events/{event}", {
    onSuccess: (_, { params, body }) =>
      setLast(UNDOABLE.includes(body.kind) ? { id: params.path.event, event: body } : undefined),
    onSettled: () => refresh.of("/api/labs/{lab}/board"),
  });
  useEffect(() => {
    if (!last) return;
    const over = setTimeout(() => setLast(undefined), UNDO_MS);
    return () => clearTimeout(over);
  }, [last]);
  const say = (event: Event) => saying.send({ params: { path: { lab, event: ulid() } }, body: event });
  return {
    say,
    isPending: saying.isPending,
    problem: saying.says,
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
