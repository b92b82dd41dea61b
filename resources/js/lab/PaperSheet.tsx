import { type KeyboardEvent, useRef } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { asProblem } from "../api/client";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import SendButton from "../kit/SendButton";
import { type Board, cellKey, isAt } from "./board";
import PaperCell from "./PaperCell";
import type { Reading } from "./paper";
import { usePaper } from "./usePaper";

/** Weigh-in sheets typed in: Enter goes down, arrows move, the verdict stands beside the number at once. */
export default function PaperSheet({ board }: { board: Board }) {
  const { t } = useTranslation();
  const paper = usePaper(board);
  const grid = useRef<HTMLTableElement>(null);
  const { write, storing } = paper;
  const problem = storing.says ?? (paper.judging.isError ? asProblem(paper.judging.error).message : undefined);

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
  const unclear = ({ letters, several }: NonNullable<Reading["unclear"]>) =>
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
          disabled={!paper.canUndo}
          onClick={() => write({ type: "undo" })}
        >
          {t("paper.undo")} <kbd className="kbd">Ctrl Z</kbd>
        </button>
        <SendButton
          type="button"
          className="btn btn-primary"
          disabled={paper.count === 0 || paper.isUnclear}
          isPending={storing.isPending}
          onClick={paper.store}
        >
          {t("paper.store", { count: paper.count })}
        </SendButton>
        <Link className="quiet" to={`/labs/${board.lab.id}`}>
          {t("paper.board")}
        </Link>
      </header>
      <p className="soft">{t("paper.how")}</p>
      <FieldProblem>{problem}</FieldProblem>
      {paper.done > 0 && paper.count === 0 && <p role="status">{t("paper.done", { count: paper.done })}</p>}
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
                    value={paper.scaleOf(line.id)}
                    onChange={(event) => paper.chooseScale(line.id, Number(event.target.value))}
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
                    value={paper.usually(station)}
                    onChange={(event) => paper.chooseStudent(station.id, Number(event.target.value))}
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
                  if (!isAt(line, station.id)) return <td key={line.id}>–</td>;
                  const reading = paper.readings.get(key);
                  return (
                    <PaperCell
                      key={line.id}
                      at={`${row}/${column}`}
                      id={key}
                      station={station.name}
                      line={line.name}
                      text={paper.sheet[key]?.text ?? ""}
                      judged={reading?.tries.flatMap(({ id }) => paper.judged.get(id) ?? []) ?? []}
                      student={reading?.student?.name}
                      unclear={reading?.unclear && unclear(reading.unclear)}
                      stored={paper.weighed.get(key)?.at(-1)}
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
