import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from "react";
import { isTyping } from "../kit/isTyping";
import { isDark } from "../shell/theme";
import type { Board } from "./board";
import type { CellActs, Place } from "./Cell";
import { useDesk } from "./desk";
import { inOrder, type Waits } from "./Waiting";

/** Dark, without names, large: for the wall. Ends with the page. */
function useProjection(): [boolean, () => void] {
  const [on, setOn] = useState(false);
  useEffect(() => {
    if (!on) return;
    const before = isDark() ? "cast-iron" : "flour";
    document.documentElement.dataset.theme = "cast-iron";
    return () => {
      document.documentElement.dataset.theme = before;
    };
  }, [on]);
  return [on, () => setOn(!on)];
}

/** In place of a column: the whole station. */
const WHOLE = -1;

/** Where on the board somebody is, what is open beside it, and the keys that lead there. */
export function useCups(board: Board) {
  const [projected, project] = useProjection();
  const [place, setPlace] = useState<Place>({ row: 0, column: 0 });
  const [opened, setOpened] = useState<Place>();
  const [gateOf, setGate] = useState<number>();
  const grid = useRef<HTMLTableElement>(null);

  const focus = ({ row, column }: Place) => {
    setPlace({ row, column });
    grid.current?.querySelector<HTMLElement>(`[data-cell="${row}/${column}"]`)?.focus();
  };
  const keys = (event: KeyboardEvent) => {
    const { row, column } = place;
    const lastRow = board.stations.length - 1;
    const lastColumn = board.lines.length - 1;
    const moves: Record<string, Place> = {
      ArrowRight: { row, column: Math.min(column + 1, lastColumn) },
      ArrowLeft: { row, column: Math.max(column - 1, 0) },
      ArrowDown: { row: Math.min(row + 1, lastRow), column },
      ArrowUp: { row: Math.max(row - 1, 0), column },
      Home: { row, column: 0 },
      End: { row, column: lastColumn },
    };
    const to = moves[event.key];
    if (to) {
      event.preventDefault();
      focus(to);
      if (opened) setOpened(to);
    }
    if (event.key === "Escape") setOpened(undefined);
  };
  // The same for every cell all the time, so that only a cell that changed is drawn again.
  const latest = useRef({ keys, projected });
  latest.current = { keys, projected };
  const acts = useMemo<CellActs>(
    () => ({
      keys: (event) => latest.current.keys(event),
      focus: setPlace,
      open: (to) => !latest.current.projected && setOpened(to),
    }),
    [],
  );
  const { undo } = useDesk();
  const gate = projected ? undefined : board.stations.find((one) => one.id === gateOf);
  const openGate = (id: number) => {
    setGate(id);
    requestAnimationFrame(() => document.getElementById("gate-of")?.focus());
  };
  const closeGate = () => {
    setGate(undefined);
    requestAnimationFrame(() =>
      grid.current?.querySelector<HTMLElement>(`[data-cell="${place.row}/${place.column}"]`)?.focus(),
    );
  };
  const openStation = (id: number) =>
    setOpened({ row: board.stations.findIndex((one) => one.id === id), column: WHOLE });
  /** Who asked for a check is looked at whole; a hand opens the station beside the cups. */
  const openWaiting = ({ station, what }: Waits) => {
    if (what === "readyFor") return openGate(station.id);
    setGate(undefined);
    openStation(station.id);
  };
  useEffect(() => {
    const hear = (event: globalThis.KeyboardEvent) => {
      if (event.key === "Escape") {
        if (gate) closeGate();
        else setOpened(undefined);
        if (document.activeElement instanceof HTMLElement && isTyping(event)) document.activeElement.blur();
      }
      if (isTyping(event)) return;
      const key = event.key.toLowerCase();
      if (key === "p") project();
      if (key === "z") undo();
      if (key === "h") {
        const waiting = inOrder(board);
        const here = gate?.id ?? (opened && board.stations[opened.row]?.id);
        const next = waiting[(waiting.findIndex(({ station }) => station.id === here) + 1) % waiting.length];
        if (next) openWaiting(next);
      }
    };
    window.addEventListener("keydown", hear);
    return () => window.removeEventListener("keydown", hear);
  });

  const openWhole = (row: number) => setOpened({ row, column: WHOLE });
  return { place, opened, projected, project, grid, acts, openWaiting, openWhole, gate, openGate, closeGate };
}
