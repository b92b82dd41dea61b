import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import { useNow } from "../kit/useNow";
import { useKitchen } from "./kitchen";
import { useHappened } from "./useHappened";

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;

/** Timers that run at the station. */
export default function Timers() {
  const { t } = useTranslation();
  const { timers } = useKitchen();
  const { happened, problem } = useHappened();
  const [minutes, setMinutes] = useState("");
  const [label, setLabel] = useState("");
  const now = useNow(1000);
  const start = (event: FormEvent) => {
    event.preventDefault();
    void happened("timer", { detail: { label, minutes: Number(minutes) } });
    setMinutes("");
  };
  return (
    <>
      <ul className="timers">
        {timers.map((timer) => {
          const left = Math.max(0, timer.ends_at - now);
          return (
            <li key={timer.id} className={left === 0 ? "is-over" : ""} role={left === 0 ? "alert" : undefined}>
              <b className="num">{clock(left)}</b> {timer.label}
              <button
                type="button"
                className="btn btn-outline"
                onClick={() => happened("timer-over", { detail: { timer: timer.id } })}
              >
                {t(left === 0 ? "gate.timerDone" : "gate.timerStop")}
              </button>
            </li>
          );
        })}
      </ul>
      <form className="timer-new" onSubmit={start}>
        <label>
          {t("gate.timer")}
          <input inputMode="numeric" value={minutes} onChange={(event) => setMinutes(event.target.value)} />
        </label>
        <label>
          {t("gate.timerFor")}
          <input value={label} maxLength={40} onChange={(event) => setLabel(event.target.value)} />
        </label>
        <button type="submit" className="btn btn-outline" disabled={minutes === ""}>
          {t("gate.timerStart")}
        </button>
      </form>
      <FieldProblem>{problem}</FieldProblem>
    </>
  );
}
