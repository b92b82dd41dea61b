import { useTranslation } from "react-i18next";
import { inRows, type Part, type Task } from "./period";

type Props = {
  shared: Part["waits"][number];
  /** those that hold it */
  tasks: Task[];
  /** first letter of the station */
  initialOf: (task: Task) => string;
  left: (s: number) => string;
  width: (from: number, to: number) => string;
};

/** px of a row of who has it, and of one who waits. */
const ROW = 21;

const WAITING = 4;

/** One thing that stations share: who has it when, and under it in grey, one line each, who waits for it. */
export default function SharedRow({ shared, tasks, initialOf, left, width }: Props) {
  const { t } = useTranslation();
  const rows = inRows(tasks);
  const waits = inRows(
    tasks
      .filter((task) => task.waited_s > 0)
      .map((task) => ({ ...task, start_s: task.start_s - task.waited_s, end_s: task.start_s }))
      .sort((a, b) => a.start_s - b.start_s),
  );
  const deep = ROW * Math.max(1, ...rows.map(([, row]) => row + 1));
  return (
    <section className="t-row is-shared">
      <h3>
        {shared.name}
        {shared.longest_s > 0 && (
          <small className={shared.is_long ? "font-bold" : "soft"}>
            {t("period.longestWait", {
              time: `${Math.floor(shared.longest_s / 60)}:${String(shared.longest_s % 60).padStart(2, "0")}`,
            })}
          </small>
        )}
      </h3>
      <ol style={{ height: deep + WAITING * Math.max(0, ...waits.map(([, row]) => row + 1)) }}>
        {rows.map(([task, row]) => (
          <li
            key={`${task.station} ${task.name} ${task.start_s}`}
            className={`peg ${shared.is_teacher ? "is-teacher" : ""}`}
            style={{ left: left(task.start_s), width: width(task.start_s, task.end_s), top: row * ROW }}
          >
            {initialOf(task)}
          </li>
        ))}
        {waits.map(([task, row]) => (
          <li
            key={`${task.station} ${task.name} ${task.start_s}`}
            className="peg-wait"
            style={{
              left: left(task.start_s),
              width: width(task.start_s, task.end_s),
              top: deep + row * WAITING,
            }}
            aria-hidden
          />
        ))}
      </ol>
    </section>
  );
}
