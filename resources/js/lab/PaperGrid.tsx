import { queryOptions, useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useEffect, useMemo, useReducer, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useParams } from "react-router";
import client, { asProblem, body, type Schemas } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { store as keep } from "../kit/useStored";
import { fittest } from "../scale/fittest";
import { boardOf, byCell, cellKey } from "./board";
import PaperCell, { type Judged } from "./PaperCell";
import { read, type Sheet, typing } from "./paper";
import "../../css/period.css";
import "../../css/ready.css";

const scalesOf = (lab: number) =>
  queryOptions({
    queryKey: ["paper", lab],
    queryFn: () => body(client.GET("/api/labs/{lab}/paper", { params: { path: { lab } } })),
    staleTime: Number.POSITIVE_INFINITY, // neither lines nor scales change while sheets are typed in
  });

/** A sheet half typed outlives a reload; gone once it is stored. */
const placeOf = (lab: number) => `hovik.paper.${lab}`;
function kept(lab: number): Sheet {
  try {
    return JSON.parse(localStorage.getItem(placeOf(lab)) ?? "{}") ?? {};
  } catch {
    return {};
  }
}

/** Weigh-in sheets typed in: Enter goes down, arrows move, the verdict stands beside the number at once. */
export default function PaperGrid() {
  const { t } = useTranslation();
  const lab = Number(useParams().lab);
  const board = useQuery(boardOf(lab));
  const scales = useQuery(scalesOf(lab));
  if (board.isPending || scales.isPending) return <Loading />;
  if (!board.data) return <ProblemNote error={board.error} retry={board.refetch} />;
  if (!scales.data) return <ProblemNote error={scales.error} retry={scales.refetch} />;
  if (board.data.lab.state === "prepared") return <p className="ready">{t("board.prepared")}</p>;
  const fit = new Map(scales.data.lines.map((line) => [line.id, line.fit_scales]));
  return <Grid board={board.data} fit={fit} stored={() => board.refetch()} />;
}

type Props = { board: Schemas["Board"]; fit: Map<number, number[]>; stored: () => void };

function Grid({ board, fit, stored }: Props) {
  const { t } = useTranslation();
  const lab = board.lab.id;
  const [{ now: sheet, before }, write] = useReducer(typing, { now: kept(lab), before: [] });
  const [judged, setJudged] = useState<Map<string, Judged>>(new Map());
  const [problem, setProblem] = useState<string>();
  const [done, setDone] = useState(0);
  const [isStoring, setStoring] = useState(false);
  const [chosen, choose] = useState<Record<number, number>>({});
  const [who, setWho] = useState<Record<number, number>>({});
  const grid = useRef<HTMLTableElement>(null);
  const weighed = useMemo(() => byCell(board), [board]);

  const scaleOf = (line: number) => chosen[line] ?? fittest(board.scales, fit.get(line) ?? [])?.id;
  const usually = (station: Schemas["Board"]["stations"][number]) => who[station.id] ?? station.members[0]?.id;

  const readings = new Map<string, ReturnType<typeof read>>();
  const entries: Schemas["PaperEntry"][] = [];
  for (const station of board.stations) {
    for (const line of board.lines) {
      const key = cellKey(station.id, line.id);
      const written = sheet[key];
      if (written === undefined) continue;
      const reading = read(written, station.members);
      readings.set(key, reading);
      const student = reading.student?.id ?? usually(station);
      const scale = scaleOf(line.id);
      if (student === undefined || scale === undefined) continue;
      const of = { line_id: line.id, station_id: station.id, student_id: student, scale_id: scale };
      entries.push(...reading.tries.map((one) => ({ ...of, ...one })));
    }
  }
  const isUnclear = [...readings.values()].some((one) => one.unclear !== undefined);
  const send = (store: boolean) =>
    body(client.POST("/api/labs/{lab}/paper", { params: { path: { lab } }, body: { store, entries } }));
  const asked = JSON.stringify(entries);

  useEffect(() => {
    keep(localStorage, placeOf(lab), Object.keys(sheet).length === 0 ? null : JSON.stringify(sheet));
  }, [sheet, lab]);

  // The verdict as it is typed: asked for once the fingers rest. What comes late, of a sheet that has changed since, is left.
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again when what is typed changes, and only then
  useEffect(() => {
    if (entries.length === 0) return;
    let isLate = false;
    const timer = setTimeout(() => {
      send(false).then(
        (answer) => {
          if (isLate) return;
          setJudged(new Map(answer.entries.map((entry) => [entry.id, entry])));
          setProblem(undefined);
        },
        (error) => isLate || setProblem(asProblem(error).message),
      );
    }, 150);
    return () => {
      isLate = true;
      clearTimeout(timer);
    };
  }, [asked]);

  const focus = (row: number, column: number) => {
    const field = grid.current?.querySelector<HTMLInputElement>(`[data-at="${row}/${column}"]`);
    field?.focus();
    field?.select();
    return field !== null && field !== undefined;
  };
  const keys = (event: KeyboardEvent<HTMLInputElement>, at: string) => {
    const [row = 0, column = 0] = at.split("/").map(Number);
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
    setStoring(true);
    try {
      await send(true);
      setDone(entries.length);
      write({ type: "empty" });
      setJudged(new Map());
      setProblem(undefined);
      stored();
    } catch (error) {
      const said = asProblem(error);
      setProblem(Object.values(said.fields)[0]?.[0] ?? said.message);
    } finally {
      setStoring(false);
    }
  };
  const unclear = ({ letters, several }: NonNullable<ReturnType<typeof read>["unclear"]>) =>
    several.length === 0
      ? t("paper.nobody", { letters })
      : t("paper.several", { names: several.map((one) => one.name).join(", ") });

  return (
    <main className="period paper-grid">
      <header className="ready-head">
        <h1>{t("paper.title", { lab: board.lab.title })}</h1>
        <button
          type="button"
          className="btn btn-outline"
          disabled={before.length === 0}
          onClick={() => write({ type: "undo" })}
        >
          {t("paper.undo")} <kbd className="kbd">Ctrl Z</kbd>
        </button>
        <button
          type="button"
          className="btn btn-primary"
          disabled={entries.length === 0 || isUnclear || isStoring}
          onClick={store}
        >
          {t("paper.store", { count: entries.length })}
        </button>
        <Link className="quiet" to={`/labs/${lab}`}>
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
                  <select
                    aria-label={t("paper.scale", { line: line.name })}
                    value={scaleOf(line.id)}
                    onChange={(event) => choose({ ...chosen, [line.id]: Number(event.target.value) })}
                  >
                    {board.scales.map((one) => (
                      <option key={one.id} value={one.id}>
                        {one.name}
                      </option>
                    ))}
                  </select>
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
                    value={usually(station)}
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
                  const reading = readings.get(key);
                  return (
                    <PaperCell
                      key={line.id}
                      at={`${row}/${column}`}
                      id={key}
                      station={station.name}
                      line={line.name}
                      text={sheet[key]?.text ?? ""}
                      judged={reading?.tries.flatMap(({ id }) => judged.get(id) ?? []) ?? []}
                      student={reading?.student?.name}
                      unclear={reading?.unclear && unclear(reading.unclear)}
                      stored={weighed.get(key)?.at(-1)}
                      onWrite={(id, text) => write({ type: "write", key: id, text })}
                      onKeys={keys}
                    />
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
