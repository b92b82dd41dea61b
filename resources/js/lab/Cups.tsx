import { type CSSProperties, type KeyboardEvent, useEffect, useMemo, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { Screen } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import VerdictGlyph from "../kit/VerdictGlyph";
import { isDark } from "../shell/theme";
import { type Board, byCell, cellKey } from "./board";
import Cell, { type CellActs, type Place } from "./Cell";
import CellPanel from "./CellPanel";
import { isTyping, useDesk } from "./desk";
import HandOver from "./HandOver";
import LabKeys from "./LabKeys";
import NowByPlan from "./NowByPlan";
import ScaleChecks from "./ScaleChecks";
import StationPanel from "./StationPanel";
import Tally from "./Tally";
import UndoBar from "./UndoBar";
import Waiting, { inOrder } from "./Waiting";

const VERDICTS = ["level", "heaped", "shy", "too-close"] as const;

const totalOf = (totals: Board["totals"], verdict: (typeof VERDICTS)[number]) =>
  totals[verdict === "too-close" ? "too_close" : verdict];

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

/** Stations by ingredients: a cup for each, by its latest verdict. Arrows move, Enter opens, Esc closes. */
export default function Cups({ board, live }: { board: Board; live: "live" | "polling" }) {
  const { t, i18n } = useTranslation();
  const cells = useMemo(() => byCell(board), [board]);
  const [place, setPlace] = useState<Place>({ row: 0, column: 0 });
  const [opened, setOpened] = useState<Place>();
  const [projected, project] = useProjection();
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
  const { say, undo } = useDesk();
  const openStation = (id: number) =>
    setOpened({ row: board.stations.findIndex((one) => one.id === id), column: WHOLE });
  useEffect(() => {
    const hear = (event: globalThis.KeyboardEvent) => {
      if (event.key === "Escape") {
        setOpened(undefined);
        if (document.activeElement instanceof HTMLElement && isTyping(event)) document.activeElement.blur();
      }
      if (isTyping(event)) return;
      const key = event.key.toLowerCase();
      if (key === "p") project();
      if (key === "z") undo();
      if (key === "h") {
        const waiting = inOrder(board);
        const at = waiting.findIndex(({ station }) => opened && board.stations[opened.row]?.id === station.id);
        const next = waiting[(at + 1) % waiting.length];
        if (next) openStation(next.station.id);
      }
      const whole = opened?.column === WHOLE && board.stations[opened.row];
      if (key === "a" && whole && board.lab.state === "open") say({ kind: "released", station_id: whole.id });
    };
    window.addEventListener("keydown", hear);
    return () => window.removeEventListener("keydown", hear);
  });

  const station = opened && board.stations[opened.row];
  const line = opened && board.lines[opened.column];

  return (
    <main className={projected ? "contents projected" : "contents"}>
      <div className="board-head">
        <h1>{board.lab.title}</h1>
        <ul className="tot">
          {VERDICTS.map((verdict) => (
            <li key={verdict}>
              <VerdictGlyph verdict={verdict} size={28} hidden />
              <b className="num">{totalOf(board.totals, verdict)}</b> {t(`verdict.${verdict}`)}
            </li>
          ))}
        </ul>
        {board.lab.state === "open" ? (
          <span className="live" role="status" data-live={live}>
            <i aria-hidden />
            {t(live === "live" ? "board.live" : "board.polling")}
          </span>
        ) : (
          <span className="tag-now">{t(board.lab.state === "closed" ? "board.closed" : "board.prepared")}</span>
        )}
        <span className="ml-auto flex flex-wrap gap-2">
          <button type="button" className="btn btn-outline" aria-pressed={projected} onClick={project}>
            <Screen /> {t(projected ? "board.projectOff" : "board.project")} <kbd className="kbd">P</kbd>
          </button>
          <LabKeys board={board} />
        </span>
      </div>
      {!projected && <Waiting board={board} onOpen={(one) => openStation(one.id)} />}
      <div className="board-wrap">
        <div className="board-l">
          <table
            className="board"
            aria-label={board.lab.title}
            ref={grid}
            style={{ "--rows": board.stations.length } as CSSProperties}
          >
            <thead>
              <tr>
                <th scope="col">
                  <span className="unseen">{t("board.stations")}</span>
                </th>
                {board.lines.map((one) => (
                  <th key={one.id} scope="col">
                    <span className="n">{one.name}</span>
                    <span className="a">
                      <KitchenFraction>{one.amount}</KitchenFraction>
                    </span>
                    <span className="t num soft">
                      {shown(one.target_g, one.decimals, i18n.language)} ±
                      {shown(one.tolerance_g, one.tolerance_decimals, i18n.language)} g
                    </span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {board.stations.map((one, row) => (
                <tr key={one.id}>
                  <th scope="row">
                    <b>
                      {projected ? (
                        one.name
                      ) : (
                        <button
                          type="button"
                          className="station-name"
                          onClick={() => setOpened({ row, column: WHOLE })}
                        >
                          {one.name}
                        </button>
                      )}
                    </b>
                    {one.help_at !== null && <span className="tag-now">{t("board.hand")}</span>}
                    {one.released && <span className="tag-done">{t("board.isReleased")}</span>}
                    {one.ready_at !== null && <span className="tag-now">{t("board.isReady")}</span>}
                    {!projected && <span className="soft">{one.students.join(", ")}</span>}
                    {board.lab.state === "open" && !one.set_up && (
                      <span className="tag-now">{t("board.notSetUp")}</span>
                    )}
                    {one.clean_up && <span className="soft">{t("board.cleanUp")}</span>}
                  </th>
                  {board.lines.map((of, column) => {
                    const weighings = cells.get(cellKey(one.id, of.id)) ?? [];
                    const last = weighings[weighings.length - 1];
                    return (
                      <td key={of.id}>
                        <Cell
                          row={row}
                          column={column}
                          station={one.name}
                          line={of.name}
                          verdict={last?.verdict}
                          tolerances={last?.tolerances ?? 0}
                          grams={last?.grams ?? 0}
                          decimals={last?.decimals ?? 0}
                          times={weighings.length}
                          counting={weighings.filter((weighing) => !weighing.corrected).length}
                          isBack={one.sent_back.some((back) => back.line === of.id)}
                          isChecked={one.checked.includes(of.id)}
                          isHere={place.row === row && place.column === column}
                          isOpened={opened?.row === row && opened.column === column}
                          isLarge={projected}
                          acts={acts}
                        />
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
          <p className="keys soft">
            {["←", "↑", "↓", "→"].map((key) => (
              <kbd key={key} className="kbd">
                {key}
              </kbd>
            ))}
            {t("board.move")} <kbd className="kbd ml-3">Enter</kbd> {t("board.openCell")}{" "}
            <kbd className="kbd ml-3">Esc</kbd> {t("board.escape")}
            <span className="ml-auto inline-flex items-center gap-2">
              <Tally count={2} /> {t("board.tallies")}
            </span>
          </p>
        </div>
        {!projected && (
          <aside className="side" aria-label={t("board.attempts")}>
            {station && line ? (
              <CellPanel
                board={board}
                station={station}
                line={line}
                weighings={cells.get(cellKey(station.id, line.id)) ?? []}
              />
            ) : station ? (
              <StationPanel key={station.id} board={board} station={station} />
            ) : (
              <>
                <p>{board.weighings.length === 0 ? t("board.empty") : t("board.pick")}</p>
                {board.lab.paused && <HandOver board={board} />}
                {board.lab.state === "open" && <NowByPlan lab={board.lab.id} />}
                {board.lab.state === "open" && <ScaleChecks board={board} />}
                <Link className="quiet underline" to={`/labs/${board.lab.id}/paper`}>
                  {t("paper.link")}
                </Link>
              </>
            )}
          </aside>
        )}
      </div>
      <UndoBar board={board} />
    </main>
  );
}
