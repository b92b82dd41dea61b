import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import { Tick } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import { useKeptText } from "../kit/useKeptText";
import type { Board, Station } from "./board";
import { useDesk } from "./desk";
import WhoMeasures from "./WhoMeasures";

type Props = { board: Board; station: Station; openGate: (station: number) => void };

/** A station as a whole: its hand, its check, what is still to do, what it has out, notes. */
export default function StationPanel({ board, station, openGate }: Props) {
  const { t, i18n } = useTranslation();
  const { say, problem } = useDesk();
  const [note, setNote, dropNote] = useKeptText(`note.${board.lab.id}.${station.id}`);
  const clock = new Intl.DateTimeFormat(i18n.language, { timeStyle: "short", timeZone: board.time_zone });
  const at = { station_id: station.id };
  const name = (id: number) => board.lines.find((line) => line.id === id)?.name ?? "";
  const back = station.sent_back.map((one) => one.line);
  const missing = station.left.filter((line) => !back.includes(line));
  const keep = (event: FormEvent) => {
    event.preventDefault();
    say({ kind: "note", detail: { text: note }, ...at });
    dropNote();
  };
  const isOpen = board.lab.state === "open";
  return (
    <>
      <div>
        <h2>{station.name}</h2>
        <p className="soft pt-1">{station.students.join(", ")}</p>
      </div>
      {isOpen && (
        <div className="panel-acts">
          {station.released ? (
            <>
              <p className="flex items-center gap-2 font-semibold">
                <Tick /> {t("board.released")}
              </p>
              <button type="button" className="btn btn-outline" onClick={() => say({ kind: "closed-again", ...at })}>
                {t("board.closeAgain")}
              </button>
            </>
          ) : (
            <button
              type="button"
              className={`btn ${station.ready_at === null ? "btn-outline" : "btn-primary"}`}
              onClick={() => openGate(station.id)}
            >
              {t("gate.open")}
            </button>
          )}
          {station.help_at !== null && (
            <button type="button" className="btn btn-now" onClick={() => say({ kind: "help-over", ...at })}>
              {t("board.handDown")}
            </button>
          )}
        </div>
      )}
      <FieldProblem>{problem}</FieldProblem>
      {isOpen && board.runs && <WhoMeasures board={board} station={station} />}
      <section>
        <h3 className="side-h">{t("board.left")}</h3>
        {station.left.length === 0 && <p className="soft">{t("board.nothingLeft")}</p>}
        <ul>
          {missing.map((line) => (
            <li key={line} className="py-1">
              {t("board.notWeighed", { line: name(line) })}
            </li>
          ))}
          {station.sent_back.map((one) => (
            <li key={one.line} className="py-1">
              <b>{t("board.sentBack", { line: name(one.line) })}</b> {one.reason}
            </li>
          ))}
          {station.foreign.map((line) => (
            <li key={`foreign ${line}`} className="flex items-center gap-2 py-1">
              <b>{t("board.fellInto", { line: name(line) })}</b>
              {isOpen && (
                <button
                  type="button"
                  className="quiet underline"
                  onClick={() => say({ kind: "foreign-over", line_id: line, ...at })}
                >
                  {t("board.lookedAt")}
                </button>
              )}
            </li>
          ))}
          {station.dropped.map((one) => (
            <li key={one.tool} className="flex items-center gap-2 py-1">
              <KitchenFraction>{t("board.fell", { tool: one.called })}</KitchenFraction>
              {isOpen && (
                <button
                  type="button"
                  className="quiet underline"
                  onClick={() => say({ kind: "washed", detail: { tool: one.tool }, ...at })}
                >
                  {t("shelf.washed")}
                </button>
              )}
            </li>
          ))}
          {station.out.map((line) => (
            <li key={line} className="flex items-center gap-2 py-1">
              {t("board.hasOut", { line: name(line) })}
              {isOpen && (
                <button
                  type="button"
                  className="quiet underline"
                  onClick={() => say({ kind: "returned", line_id: line, ...at })}
                >
                  {t("board.isBack")}
                </button>
              )}
            </li>
          ))}
        </ul>
      </section>
      {isOpen && station.clean_up && (
        <p className="flex items-center gap-2">
          {station.counted ? (
            <>
              <Tick /> {t("board.counted")}
            </>
          ) : (
            <button type="button" className="btn btn-outline" onClick={() => say({ kind: "counted", ...at })}>
              {t("board.count")}
            </button>
          )}
        </p>
      )}
      <section>
        <h3 className="side-h">{t("board.notes")}</h3>
        <ul>
          {station.notes.map((one) => (
            <li key={one.at} className="py-1">
              <span className="soft num">{clock.format(new Date(1000 * one.at))}</span> {one.text}
            </li>
          ))}
        </ul>
        {isOpen && (
          <form className="panel-note" onSubmit={keep}>
            <input
              aria-label={t("board.note")}
              placeholder={t("board.note")}
              maxLength={300}
              value={note}
              onChange={(event) => setNote(event.target.value)}
            />
            <button type="submit" className="btn btn-outline" disabled={note.trim() === ""}>
              {t("board.keep")}
            </button>
          </form>
        )}
      </section>
    </>
  );
}
