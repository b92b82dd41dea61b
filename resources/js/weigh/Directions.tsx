import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { useNow } from "../kit/useNow";
import { useKitchen } from "./kitchen";
import { useHappened } from "./useHappened";

/** Closed until the teacher has looked: then the recipe's own directions, and timers to bake and cool by. */
export default function Directions() {
  const { t } = useTranslation();
  const { gate } = useKitchen();
  if (!gate) return null;
  return (
    <section className="directions">
      <h2 className="h2rim">{t("gate.directions")}</h2>
      {gate.directions === null ? (
        <p className="soft py-3">{t(gate.ready ? "gate.waiting" : "gate.closed")}</p>
      ) : (
        <>
          <ol>
            {gate.directions.map((step) => (
              <li key={step} className="running">
                <KitchenFraction>{step}</KitchenFraction>
              </li>
            ))}
          </ol>
          <Timers />
        </>
      )}
    </section>
  );
}

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;

function Timers() {
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
