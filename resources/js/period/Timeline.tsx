import { useTranslation } from "react-i18next";
import { codes, fitsIn, inRows, type Part, type Plan, type Task } from "./period";
import "../../css/period.css";

type Props = { plan: Plan; part: Part; now?: number | undefined };

/** Minutes across, stations down: each pair of hands has a row of its own, so that what is done at once stands above one another. */
export default function Timeline({ plan, part, now }: Props) {
  const { t } = useTranslation();
  const whole = Math.max(60 * plan.minutes, part.end_s);
  const left = (s: number) => `${(100 * s) / whole}%`;
  const short = codes(part.timeline.filter((task) => task.what === "measure").map((task) => task.name));
  const used = new Set<string>();
  /** A name that fits, else its code; of who is at a scale or with the teacher, the station's first letter. */
  const wordOf = (task: Task, share: number) => {
    if (task.what === "weigh") return "";
    if (task.what === "check") return fitsIn(task.name, share) ? task.name : "✓";
    if (fitsIn(task.name, share)) return task.name;
    if (!short.has(task.name)) return "";
    used.add(task.name);
    return short.get(task.name) ?? "";
  };
  const bar = (task: Task, row: number, word = wordOf(task, (task.end_s - task.start_s) / whole)) => (
    <li
      key={`${task.station} ${task.what} ${task.name} ${task.start_s}`}
      className={`bar is-${task.what}`}
      style={{ left: left(task.start_s), width: left(task.end_s - task.start_s), top: row * 25 }}
      title={t("period.fromTo", {
        name: task.name,
        from: Math.round(task.start_s / 6) / 10,
        to: Math.round(task.end_s / 6) / 10,
      })}
    >
      <span>{word}</span>
    </li>
  );
  const initial = (task: Task) => (task.station === null ? "" : (plan.stations[task.station]?.[0] ?? ""));
  const shared = (["weigh", "check"] as const)
    .map((what) => ({ what, rows: inRows(part.timeline.filter((task) => task.what === what)) }))
    .filter(({ rows }) => rows.length > 0);
  const everybody = part.timeline.filter((task) => task.station === null);
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard
    <section className="timeline" aria-label={t("period.link")} tabIndex={0}>
      <div className="timeline-in">
        <ol className="t-minutes" aria-hidden>
          {Array.from({ length: Math.floor(whole / 300) + 1 }, (_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: every fifth minute
            <li key={i} style={{ left: left(300 * i) }} className="num">
              {5 * i}
            </li>
          ))}
        </ol>
        <section className="t-row">
          <h3>{t("period.everybody")}</h3>
          <ol style={{ height: 25 }}>{everybody.map((task) => bar(task, 0))}</ol>
        </section>
        {plan.stations.map((name, station) => {
          const rows = inRows(part.timeline.filter((task) => task.station === station));
          return (
            <section key={name} className="t-row">
              <h3>{name}</h3>
              <ol style={{ height: 25 * Math.max(1, ...rows.map(([, row]) => row + 1)) }}>
                {rows.map(([task, row]) => bar(task, row))}
              </ol>
            </section>
          );
        })}
        {shared.map(({ what, rows }) => (
          <section key={what} className="t-row is-shared">
            <h3>{t(`period.row.${what}`)}</h3>
            <ol style={{ height: 25 * Math.max(1, ...rows.map(([, row]) => row + 1)) }}>
              {rows.map(([task, row]) => bar(task, row, initial(task)))}
            </ol>
          </section>
        ))}
        <i className="t-bell" style={{ "--at": (60 * plan.minutes) / whole } as React.CSSProperties} aria-hidden />
        {now !== undefined && now >= 0 && now <= whole && (
          <i className="t-now" style={{ "--at": now / whole } as React.CSSProperties} aria-hidden />
        )}
      </div>
      {used.size > 0 && (
        <p className="t-codes">
          {[...used].map((name) => (
            <span key={name}>
              <b>{short.get(name)}</b> {name}
            </span>
          ))}
        </p>
      )}
    </section>
  );
}
