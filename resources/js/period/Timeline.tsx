import { useTranslation } from "react-i18next";
import { useWidth } from "../kit/useWidth";
import { axis, byClock, codes, fitsIn, inRows, LEAST_WIDE, type Part, type Plan, type Task } from "./period";
import SharedRow from "./SharedRow";
import "../../css/period.css";

type Props = { plan: Plan; part: Part; now?: number | undefined };

/** px from one pair of hands to the next. */
const ROW = 29;

/**
 * Minutes across, stations down. Each pair of hands has a line of its own: what is measured hangs under it, what is weighed stands on it,
 * and a wait is dotted. Below, what they share, by the first letter of whoever has it.
 */
export default function Timeline({ plan, part, now }: Props) {
  const { t } = useTranslation();
  const [minutes, wide] = useWidth<HTMLOListElement>(LEAST_WIDE);
  const whole = Math.max(60 * plan.minutes, part.end_s);
  const { at, named, strokes } = axis(part, whole);
  const left = (s: number) => `${100 * at(s)}%`;
  const width = (from: number, to: number) => `${100 * (at(to) - at(from))}%`;
  const words = part.timeline.filter((task) => task.what !== "weigh" && task.what !== "check").map((task) => task.name);
  const short = codes(words);
  const used = new Set<string>();
  const wordOf = (task: Task) => {
    const share = at(task.end_s) - at(task.start_s);
    if (task.what === "weigh") return "";
    if (task.what === "check") return "✓";
    if (fitsIn(task.name, share, wide)) return task.name;
    const code = short.get(task.name) ?? "";
    if (!fitsIn(code, share, wide)) return "";
    used.add(task.name);
    return code;
  };
  const said = (task: Task) =>
    t("period.fromTo", {
      name: task.name,
      from: Math.round(task.start_s / 6) / 10,
      to: Math.round(task.end_s / 6) / 10,
    });
  const bar = (task: Task, row: number) => (
    <li
      key={`${task.station} ${task.what} ${task.name} ${task.start_s}`}
      className={`bar is-${task.what}`}
      style={{ left: left(task.start_s), width: width(task.start_s, task.end_s), top: row * ROW }}
      title={said(task)}
    >
      <span>{wordOf(task)}</span>
    </li>
  );
  const wait = (task: Task, row: number) =>
    task.waited_s > 0 && (
      <li
        key={`wait ${task.what} ${task.name} ${task.start_s}`}
        className="t-wait"
        style={{
          left: left(task.start_s - task.waited_s),
          width: width(task.start_s - task.waited_s, task.start_s),
          top: row * ROW,
        }}
        title={t("period.waits", { name: task.name, minutes: Math.round(task.waited_s / 6) / 10 })}
      />
    );
  const everybody = part.timeline.filter((task) => task.station === null);
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard
    <section className="timeline" aria-label={t("period.link")} tabIndex={0}>
      <div className="timeline-in">
        <ol ref={minutes} className="t-minutes" aria-hidden>
          {strokes.map((minute) => (
            <li key={`stroke ${minute}`} className="t-stroke" style={{ left: left(60 * minute) }} />
          ))}
          {named.map((minute) => (
            <li key={minute} style={{ left: left(60 * minute) }} className="num">
              {plan.in_two ? minute : byClock(plan.starts_at, minute)}
            </li>
          ))}
        </ol>
        <section className="t-row">
          <h3>{t("period.everybody")}</h3>
          <ol style={{ height: ROW }}>{everybody.map((task) => bar(task, 0))}</ol>
        </section>
        {plan.stations.map((name, station) => {
          const rows = inRows(part.timeline.filter((task) => task.station === station));
          return (
            <section key={name} className="t-row">
              <h3>{name}</h3>
              <ol style={{ height: ROW * Math.max(1, ...rows.map(([, row]) => row + 1)) }}>
                {rows.map(([task, row]) => wait(task, row))}
                {rows.map(([task, row]) => bar(task, row))}
              </ol>
            </section>
          );
        })}
        {part.waits.map((shared) => (
          <SharedRow
            key={shared.name}
            shared={shared}
            tasks={part.timeline.filter((task) => task.shared.includes(shared.name))}
            initialOf={(task) => (task.station === null ? "" : (plan.stations[task.station]?.[0] ?? ""))}
            left={left}
            width={width}
          />
        ))}
        <i className="t-bell" style={{ "--at": at(60 * plan.minutes) } as React.CSSProperties} aria-hidden />
        {now !== undefined && now >= 0 && now <= whole && (
          <i className="t-now" style={{ "--at": at(now) } as React.CSSProperties} aria-hidden />
        )}
      </div>
      <p className="t-codes">
        <span>
          <i className="key-hangs" /> {t("period.keyHangs")}
        </span>
        <span>
          <i className="key-stands" /> {t("period.keyStands")}
        </span>
        <span>
          <i className="key-waits" /> {t("period.keyWaits")}
        </span>
        {[...used].map((name) => (
          <span key={name}>
            <b>{short.get(name)}</b> {name}
          </span>
        ))}
      </p>
    </section>
  );
}
