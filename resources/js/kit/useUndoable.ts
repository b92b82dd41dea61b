import { useEffect, useRef, useState } from "react";

export const UNDO_MS = 8000;

/** What was just done, with the way back, for as long as it is offered. */
export function useUndoable<Done>() {
  const [done, setDone] = useState<Done>();
  const over = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(over.current), []);
  const say = (what: Done | undefined) => {
    clearTimeout(over.current);
    setDone(what);
    if (what !== undefined) over.current = setTimeout(() => setDone(undefined), UNDO_MS);
  };
  return [done, say] as const;
}
