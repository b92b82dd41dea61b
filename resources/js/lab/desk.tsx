import { createContext, type ReactNode, useContext } from "react";
import { ulid } from "ulid";
import { type Body, useRefresh, useSend } from "../api/query";
import { useUndoable } from "../kit/useUndoable";

type Event = Body<"put", "/api/labs/{lab}/events/{event}">;
/** What was done last: written down at a station, or to the whole lab; and the way back. */
type Done = { event?: Event; says: string; undo: () => void };

const UNDOABLE: Event["kind"][] = ["checked", "sent-back", "released", "closed-again"];

function useWriting(lab: number) {
  const refresh = useRefresh();
  const [last, done] = useUndoable<Done>();
  const saying = useSend("put", "/api/labs/{lab}/events/{event}", {
    onSuccess: (_, { params, body }) =>
      done(
        UNDOABLE.includes(body.kind)
          ? { event: body, says: body.kind, undo: () => undo(body.station_id ?? null, params.path.event) }
          : undefined,
      ),
    onSettled: () => refresh.of("/api/labs/{lab}/board"),
  });
  const say = (event: Event) => saying.send({ params: { path: { lab, event: ulid() } }, body: event });
  const undo = (station_id: number | null, event: string) => say({ kind: "undone", station_id, detail: { event } });
  return {
    say,
    done,
    isPending: saying.isPending,
    problem: saying.says,
    last,
    undo: () => {
      last?.undo();
      done(undefined);
    },
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
