import { type FormEvent, useEffect, useRef } from "react";
import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import { Tick, Wrong } from "../kit/icons";
import { isTyping } from "../kit/isTyping";
import { useKeptText } from "../kit/useKeptText";
import type { Board, BoardLine, Station, Weighing } from "./board";
import Correct from "./Correct";
import { useDesk } from "./desk";
import LastCauses from "./LastCauses";

type Props = { board: Board; station: Station; line: BoardLine; last: Weighing | undefined };

const AFTER = { unseen: "done", done: "not-done", "not-done": "unseen" } as const;

/** What a teacher does about one line of one station: tick what was seen, let it stand or send it back, put a wrong entry right. */
export default function LinePanel({ board, station, line, last }: Props) {
  const { t } = useTranslation();
  const { say, problem } = useDesk();
  const [reason, setReason, dropReason] = useKeptText(`back.${station.id}.${line.id}`);
  const reasonField = useRef<HTMLInputElement>(null);
  const at = { station_id: station.id, line_id: line.id };
  const seenOf = (step: string) =>
    station.seen.find((one) => one.line === line.id && one.step === step)?.seen ?? "unseen";
  const see = (step: string) => say({ kind: "seen", detail: { step, seen: AFTER[seenOf(step)] }, ...at });
  const accept = () => say({ kind: "checked", ...at });
  const isOpen = board.lab.state === "open";
  const sentBack = station.sent_back.find((one) => one.line === line.id);

  // 1 to 9 cycle a step, A lets it stand, B goes to the reason.
  useEffect(() => {
    const hear = (event: KeyboardEvent) => {
      if (!isOpen || isTyping(event)) return;
      const step = line.steps[Number(event.key) - 1];
      if (step) see(step.id);
      else if (event.key.toLowerCase() === "a" && last) accept();
      else if (event.key.toLowerCase() === "b" && last) {
        event.preventDefault();
        reasonField.current?.focus();
      }
    };
    window.addEventListener("keydown", hear);
    return () => window.removeEventListener("keydown", hear);
  });

  const sendBack = (event: FormEvent) => {
    event.preventDefault();
    say({ kind: "sent-back", detail: { reason }, ...at });
    dropReason();
    reasonField.current?.blur();
  };
  return (
    <>
      {isOpen && last && (
        <div className="panel-acts">
          {station.checked.includes(line.id) ? (
            <p className="flex items-center gap-2 font-semibold">
              <Tick /> {t("board.lineChecked")}
            </p>
          ) : (
            <button type="button" className="btn btn-outline" onClick={accept}>
              {t("board.accept")} <kbd className="kbd">A</kbd>
            </button>
          )}
          {sentBack ? (
            <p>
              <b>{t("board.wasSentBack")}</b> {sentBack.reason}
            </p>
          ) : (
            <form className="panel-note" onSubmit={sendBack}>
              <input
                ref={reasonField}
                aria-label={t("board.reason")}
                placeholder={t("board.reason")}
                maxLength={300}
                value={reason}
                onChange={(event) => setReason(event.target.value)}
              />
              <button type="submit" className="btn btn-outline" disabled={reason.trim() === ""}>
                {t("board.back")} <kbd className="kbd">B</kbd>
              </button>
            </form>
          )}
        </div>
      )}
      <FieldProblem>{problem}</FieldProblem>
      {isOpen && (
        <section>
          <h3 className="side-h">{t("board.seen")}</h3>
          <ol className="observations">
            {line.steps.map((step, i) => {
              const seen = seenOf(step.id);
              return (
                <li key={step.id}>
                  <button type="button" className={`is-${seen}`} onClick={() => see(step.id)}>
                    <span className="o-mark" aria-hidden>
                      {seen === "done" && <Tick size={18} />}
                      {seen === "not-done" && <Wrong size={18} />}
                    </span>
                    <span>{step.text}</span>
                    <span className="unseen">{t(`board.seen-${seen}`)}</span>
                    {i < 9 && <kbd className="kbd ml-auto">{i + 1}</kbd>}
                  </button>
                </li>
              );
            })}
          </ol>
        </section>
      )}
      {last && (last.verdict === "heaped" || last.verdict === "shy") && (
        <LastCauses lab={board.lab.id} weighing={last} />
      )}
      {last && isOpen && board.runs && <Correct lab={board.lab.id} weighing={last} />}
    </>
  );
}
