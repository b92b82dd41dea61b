import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type CSSProperties, type KeyboardEvent, useEffect, useMemo, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { useParams } from "react-router";
import client, { asProblem, body } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import { isDark } from "../app/theme";
import FieldProblem from "../kit/FieldProblem";
import { Screen } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import VerdictGlyph, { type Verdict } from "../kit/VerdictGlyph";
import { type Board, byCell, cellKey } from "./board";
import CellPanel from "./CellPanel";
import { useLive } from "./live";
import Tally from "./Tally";

const VERDICTS: Verdict[] = ["level", "heaped", "shy", "too-close"];

export default function BoardScreen() {
  const { lab = "" } = useParams();
  const live = useLive(lab);
  const board = useQuery({
    queryKey: ["board", lab],
    queryFn: () => body(client.GET("/api/labs/{lab}/board", { params: { path: { lab: Number(lab) } } })),
    refetchInterval: live === "live" ? 60_000 : 5000,
    refetchIntervalInBackground: true,
  });
  if (board.data) return <Cups board={board.data} live={live} />;
  if (board.isPending) return <Loading />;
  return <ProblemNote error={board.error} retry={board.refetch} />;
}

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

type Place = { row: number; column: number };

/** Stations by ingredients: a cup for each, by its latest verdict. Arrows move, Enter opens, Esc closes. */
function Cups({ board, live }: { board: Board; live: "live" | "polling" }) {
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
  useEffect(() => {
    const hear = (event: globalThis.KeyboardEvent) => {
      if (event.key.toLowerCase() !== "p" || event.ctrlKey || event.metaKey || event.altKey) return;
      if (!(event.target instanceof HTMLInputElement)) project();
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
              <b className="num">{board.totals[verdict]}</b> {t(`verdict.${verdict}`)}
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
          {board.lab.state === "open" && <CloseLab lab={board.lab.id} />}
        </span>
      </div>
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
                      {shown(one.tolerance_g, one.tolerance_g < 1 ? 1 : one.decimals, i18n.language)} g
                    </span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {board.stations.map((one, row) => (
                <tr key={one.id}>
                  <th scope="row">
                    <b>{one.name}</b>
                    {!projected && <span className="soft">{one.students.join(", ")}</span>}
                  </th>
                  {board.lines.map((of, column) => {
                    const weighings = cells.get(cellKey(one.id, of.id)) ?? [];
                    const last = weighings[weighings.length - 1];
                    const verdict = t(`verdict.${last?.verdict ?? "none"}`);
                    const here = place.row === row && place.column === column;
                    const label = last
                      ? t("board.cellWeighed", {
                          station: one.name,
                          line: of.name,
                          verdict,
                          grams: shown(last.grams, last.decimals, i18n.language),
                          count: weighings.length,
                        })
                      : t("board.cell", { station: one.name, line: of.name, verdict });
                    return (
                      <td key={of.id}>
                        <button
                          type="button"
                          className="cell"
                          data-cell={`${row}/${column}`}
                          tabIndex={here ? 0 : -1}
                          aria-label={label}
                          aria-pressed={opened?.row === row && opened.column === column}
                          onFocus={() => setPlace({ row, column })}
                          onKeyDown={keys}
                          onClick={() => !projected && setOpened({ row, column })}
                        >
                          {last && (
                            <>
                              <VerdictGlyph
                                verdict={last.verdict}
                                tolerances={last.tolerances}
                                size={projected ? 66 : 54}
                                hidden
                              />
                              <span className="g num">
                                {shown(last.grams, last.decimals, i18n.language)}
                                <Tally count={weighings.length} />
                              </span>
                            </>
                          )}
                        </button>
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
                station={station}
                line={line}
                weighings={cells.get(cellKey(station.id, line.id)) ?? []}
                timeZone={board.time_zone}
              />
            ) : (
              <p>{board.weighings.length === 0 ? t("board.empty") : t("board.pick")}</p>
            )}
          </aside>
        )}
      </div>
    </main>
  );
}

/** Closing signs the tablets out, so it asks once more, in the same place. */
function CloseLab({ lab }: { lab: number }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [sure, setSure] = useState(false);
  const closing = useMutation({
    mutationFn: async () => void (await client.POST("/api/labs/{lab}/close", { params: { path: { lab } } })),
    onSettled: () => queries.invalidateQueries(),
  });
  return (
    <span>
      <button
        type="button"
        className={`btn ${sure ? "btn-now" : "btn-outline"}`}
        aria-busy={closing.isPending}
        onClick={() => (sure ? closing.mutate() : setSure(true))}
        onBlur={() => setSure(false)}
      >
        {t(sure ? "board.closeSure" : "board.close")}
      </button>
      <FieldProblem>{closing.isError ? asProblem(closing.error).message : undefined}</FieldProblem>
    </span>
  );
}
