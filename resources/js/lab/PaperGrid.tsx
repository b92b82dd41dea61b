import { useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useEffect, useReducer, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useParams } from "react-router";
import { ulid } from "ulid";
import client, { asProblem, body, type Schemas } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import VerdictGlyph, { type Verdict } from "../kit/VerdictGlyph";
import { boardOf, cellKey } from "./board";
import "../../css/period.css";
import "../../css/ready.css";

type Cell = { id: string; grams: string };
type Typed = Record<string, Cell>;
type Judged = { verdict: string | null; tolerances: number | null; problem: string | null };
type Action = { type: "write"; key: string; grams: string } | { type: "undo" } | { type: "empty" };
type State = { now: Typed; before: Typed[] };

const MOST_UNDONE = 200;

/** Every change can be taken back, one after the other. */
function typing(state: State, action: Action): State {
  if (action.type === "empty") return { now: {}, before: [] };
  if (action.type === "undo") {
    const last = state.before.at(-1);
    return last ? { now: last, before: state.before.slice(0, -1) } : state;
  }
  const { [action.key]: old, ...rest } = state.now;
  if ((old?.grams ?? "") === action.grams) return state;
  const now = action.grams === "" ? rest : { ...rest, [action.key]: { id: old?.id ?? ulid(), grams: action.grams } };
  return { now, before: [...state.before, state.now].slice(-MOST_UNDONE) };
}

/** Weigh-in sheets typed in: Enter goes down, arrows move, the verdict stands beside the number at once. */
export default function PaperGrid() {
  const { t } = useTranslation();
  const lab = Number(useParams().lab);
  const board = useQuery(boardOf(lab));
  if (board.isPending) return <Loading />;
  if (!board.data) return <ProblemNote error={board.error} retry={board.refetch} />;
  if (board.data.lab.state === "prepared") return <p className="ready">{t("board.prepared")}</p>;
  return <Grid board={board.data} stored={() => board.refetch()} />;
}

function Grid({ board, stored }: { board: Schemas["Board"]; stored: () => void }) {
  const { t } = useTranslation();
  const [{ now: typed, before }, write] = useReducer(typing, { now: {}, before: [] });
  const [judged, setJudged] = useState<Record<string, Judged>>({});
  const [problem, setProblem] = useState<string>();
  const [done, setDone] = useState(0);
  const [scale, setScale] = useState(board.scales[0]?.id);
  const [who, setWho] = useState<Record<number, number>>({});
  const grid = useRef<HTMLTableElement>(null);
  const stationOf = (id: number) => board.stations.find((one) => one.id === id);
  const entries = Object.entries(typed).flatMap(([key, cell]) => {
    const [station = 0, line = 0] = key.split("/").map(Number);
    const student = who[station] ?? stationOf(station)?.members[0]?.id;
    return scale === undefined || student === undefined
      ? []
      : [
          {
            key,
            id: cell.id,
            line_id: line,
            station_id: station,
            student_id: student,
            scale_id: scale,
            grams: cell.grams,
          },
        ];
  });
  const send = (store: boolean) =>
    body(
      client.POST("/api/labs/{lab}/paper", {
        params: { path: { lab: board.lab.id } },
        body: { store, entries: entries.map(({ key: _, ...entry }) => entry) },
      }),
    );
  const asked = JSON.stringify(entries);

  // The verdict as it is typed: asked for once the fingers rest.
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again when what is typed changes, and only then
  useEffect(() => {
    if (entries.length === 0) return;
    const timer = setTimeout(() => {
      send(false).then(
        (answer) => {
          const byId = new Map(answer.entries.map((entry) => [entry.id, entry]));
          setJudged(
            Object.fromEntries(entries.flatMap(({ key, id }) => (byId.has(id) ? [[key, byId.get(id) as Judged]] : []))),
          );
          setProblem(undefined);
        },
        (error) => setProblem(asProblem(error).message),
      );
    }, 150);
    return () => clearTimeout(timer);
  }, [asked]);

  const focus = (row: number, column: number) => {
    const field = grid.current?.querySelector<HTMLInputElement>(`[data-at="${row}/${column}"]`);
    field?.focus();
    field?.select();
    return field !== null && field !== undefined;
  };
  const keys = (event: KeyboardEvent<HTMLInputElement>, row: number, column: number) => {
    const field = event.currentTarget;
    const atStart = field.selectionStart === 0;
    const atEnd = field.selectionEnd === field.value.length;
    const moves: Record<string, [number, number] | undefined> = {
      Enter: [row + 1, column],
      ArrowDown: [row + 1, column],
      ArrowUp: [row - 1, column],
      ArrowLeft: atStart ? [row, column - 1] : undefined,
      ArrowRight: atEnd ? [row, column + 1] : undefined,
    };
    const to = moves[event.key];
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") {
      event.preventDefault();
      write({ type: "undo" });
    } else if (to) {
      event.preventDefault();
      // Down from the last station goes on at the top of the next ingredient.
      if (!focus(...to) && event.key === "Enter") focus(0, column + 1);
    }
  };
  const store = async () => {
    try {
      await send(true);
      setDone(entries.length);
      write({ type: "empty" });
      setJudged({});
      setProblem(undefined);
      stored();
    } catch (error) {
      const said = asProblem(error);
      setProblem(Object.values(said.fields)[0]?.[0] ?? said.message);
    }
  };

  return (
    <main className="period paper-grid">
      <header className="ready-head">
        <h1>{t("paper.title", { lab: board.lab.title })}</h1>
        <label className="ready-class">
          {t("paper.scale")}{" "}
          <select value={scale} onChange={(event) => setScale(Number(event.target.value))}>
            {board.scales.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className="btn btn-outline"
          disabled={before.length === 0}
          onClick={() => write({ type: "undo" })}
        >
          {t("paper.undo")} <kbd className="kbd">Ctrl Z</kbd>
        </button>
        <button type="button" className="btn btn-primary" disabled={entries.length === 0} onClick={store}>
          {t("paper.store", { count: entries.length })}
        </button>
        <Link className="quiet" to={`/labs/${board.lab.id}`}>
          {t("paper.board")}
        </Link>
      </header>
      <p className="soft">{t("paper.how")}</p>
      <FieldProblem>{problem}</FieldProblem>
      {done > 0 && entries.length === 0 && <p role="status">{t("paper.done", { count: done })}</p>}
      <div className="ready-scroll">
        <table ref={grid}>
          <thead>
            <tr>
              <th scope="col">{t("board.stations")}</th>
              {board.lines.map((line) => (
                <th key={line.id} scope="col">
                  {line.name}
                  <span className="block font-normal">
                    <KitchenFraction>{line.amount}</KitchenFraction>
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {board.stations.map((station, row) => (
              <tr key={station.id}>
                <th scope="row">
                  {station.name}
                  <select
                    aria-label={t("paper.who", { station: station.name })}
                    value={who[station.id] ?? station.members[0]?.id}
                    onChange={(event) => setWho({ ...who, [station.id]: Number(event.target.value) })}
                  >
                    {station.members.map((one) => (
                      <option key={one.id} value={one.id}>
                        {one.name}
                      </option>
                    ))}
                  </select>
                </th>
                {board.lines.map((line, column) => {
                  const key = cellKey(station.id, line.id);
                  const grams = typed[key]?.grams ?? "";
                  const said = grams === "" ? undefined : judged[key];
                  return (
                    <td key={line.id}>
                      <input
                        data-at={`${row}/${column}`}
                        inputMode="decimal"
                        aria-label={t("paper.cell", { station: station.name, line: line.name })}
                        aria-invalid={said?.problem != null}
                        aria-describedby={said ? `said-${key}` : undefined}
                        value={grams}
                        maxLength={9}
                        onChange={(event) => write({ type: "write", key, grams: event.target.value.trim() })}
                        onKeyDown={(event) => keys(event, row, column)}
                      />
                      <span id={`said-${key}`} className="paper-said">
                        {said?.verdict && (
                          <>
                            <VerdictGlyph
                              verdict={said.verdict as Verdict}
                              tolerances={said.tolerances ?? 0}
                              size={28}
                              hidden
                            />
                            {t(`verdict.${said.verdict}`)}
                          </>
                        )}
                        {said?.problem}
                      </span>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </main>
  );
}
