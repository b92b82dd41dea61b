import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { isTyping } from "../kit/isTyping";
import { shown } from "../kit/numbers";
import VerdictGlyph from "../kit/VerdictGlyph";
import ProblemNote from "../shell/ProblemNote";
import { type Board, byCell, cellKey, type Station } from "./board";
import { useDesk } from "./desk";
import GateFoot from "./GateFoot";
import GateRow from "./GateRow";
import { useGateLook } from "./useGateLook";
import WaitedFor from "./WaitedFor";

const COUNTER = ["apart", "surplus", "hands"] as const;

/** One station before it mixes: what wants a look first, then what is fine, the counter, and what mixing now would mean. */
export default function GatePanel({ board, station }: { board: Board; station: Station }) {
  const { t, i18n } = useTranslation();
  const { say } = useDesk();
  const look = useGateLook(board.lab.id, station);
  const [seen, setSeen] = useState<string[]>([]);
  const cells = byCell(board);
  const weighingsOf = (line: number) => cells.get(cellKey(station.id, line)) ?? [];
  const lineOf = (line: number) => board.lines.find((one) => one.id === line);
  const all = look.data?.rows ?? [];
  const rows = all.filter((row) => row.why !== "not-weighed");
  const missing = all.filter((row) => row.why === "not-weighed").map((row) => lineOf(row.line_id)?.name ?? "");
  const open = all.filter((row) => look.data?.open.includes(row.line_id));
  const sendBack = (row: (typeof rows)[number]) =>
    say({ kind: "sent-back", station_id: station.id, line_id: row.line_id, detail: { reason: row.reason } });
  const back = open.filter((row) => row.why !== "not-weighed");
  const isOpen = board.lab.state === "open";
  // A lets them mix where nothing is open, B sends back all that is.
  useEffect(() => {
    const hear = (event: KeyboardEvent) => {
      if (isTyping(event) || !isOpen || !look.data) return;
      const key = event.key.toLowerCase();
      if (key === "a" && open.length === 0 && !station.released) say({ kind: "released", station_id: station.id });
      if (key === "b") for (const row of back) sendBack(row);
    };
    window.addEventListener("keydown", hear);
    return () => window.removeEventListener("keydown", hear);
  });
  return (
    <section className="gate" aria-labelledby="gate-of">
      <header className="gate-head">
        <h2 id="gate-of" tabIndex={-1}>
          {station.name}
        </h2>
        <p>
          {station.students.join(", ")}
          <span className="soft block">
            {t(station.left.length === 0 ? "gate.allWeighed" : "gate.left", { count: station.left.length })}
          </span>
        </p>
        {station.ready_at !== null && (
          <span className="tag-now ml-auto">
            {t("board.isReady")} <WaitedFor since={station.ready_at} />
          </span>
        )}
      </header>
      {look.isError && <ProblemNote error={look.error} retry={look.refetch} />}
      <ol className="gate-rows">
        {rows.map((row) => {
          const line = lineOf(row.line_id);
          return (
            line && (
              <GateRow
                key={row.line_id}
                row={row}
                line={line}
                station={station}
                weighings={weighingsOf(row.line_id)}
                sendBack={() => sendBack(row)}
              />
            )
          );
        })}
      </ol>
      {missing.length > 0 && (
        <p className="gate-h">
          <b>{t("gate.why-not-weighed")}:</b>{" "}
          {new Intl.ListFormat(i18n.language, { type: "conjunction" }).format(missing)}
        </p>
      )}
      {look.data && look.data.fine.length > 0 && (
        <>
          <h3 className="gate-h">{t("gate.fine", { count: look.data.fine.length })}</h3>
          <ul className="gate-fine">
            {look.data.fine.map((id) => {
              const last = weighingsOf(id).findLast((one) => !one.corrected);
              return (
                <li key={id}>
                  <VerdictGlyph verdict={last?.verdict ?? "none"} tolerances={last?.tolerances ?? 0} size={40} hidden />
                  <span>
                    {lineOf(id)?.name}
                    {last && (
                      <b className="num block">
                        {shown(last.grams, last.decimals, i18n.language)} g
                        <span className="unseen"> {t(`verdict.${last.verdict}`)}</span>
                      </b>
                    )}
                  </span>
                </li>
              );
            })}
          </ul>
        </>
      )}
      <fieldset className="gate-counter">
        <legend>{t("gate.counter")}</legend>
        {COUNTER.map((one) => (
          <label key={one}>
            <input
              type="checkbox"
              checked={seen.includes(one)}
              onChange={() => setSeen(seen.includes(one) ? seen.filter((other) => other !== one) : [...seen, one])}
            />
            {t(`gate.counter-${one}`)}
          </label>
        ))}
      </fieldset>
      {look.data && (
        <GateFoot
          look={look.data}
          station={station}
          missing={COUNTER.filter((one) => !seen.includes(one)).map((one) => t(`gate.counter-${one}`))}
          isOpen={isOpen}
          back={back.length}
          sendBackAll={() => {
            for (const row of back) sendBack(row);
          }}
        />
      )}
    </section>
  );
}
