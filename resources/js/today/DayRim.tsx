import type { CSSProperties } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import type { Schemas } from "../api/client";
import { useNow } from "../kit/useNow";
import { chooseClass, nameAmong } from "../shell/useClassHere";

type Today = Schemas["Today"];
type Section = Today["sections"][number];

const isClass = (one: Section | Today["periods"][number]): one is Section => "runs" in one;
const minutes = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));

/** The day as one rim: the classes that meet hang from it where their hours are, free periods between them; what is gone is filled. */
export default function DayRim({ today }: { today: Today }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const seconds = useNow(20_000);
  const meets = today.sections.filter((one) => one.meets);
  if (meets.length === 0) {
    return (
      <p className="day-off">
        {t(today.bells === null && today.sections.length > 0 ? "today.noSchool" : "today.noneMeets")}
      </p>
    );
  }
  // A class with hours of its own may lie across two bells, and two classes beside each other.
  const free = today.periods.filter(
    (one) => !meets.some((section) => section.starts_at < one.ends_at && one.starts_at < section.ends_at),
  );
  const ends: string[] = [];
  const all = [...meets, ...free]
    .sort((a, b) => a.starts_at.localeCompare(b.starts_at))
    .map((one) => {
      const at = ends.findIndex((end) => end <= one.starts_at);
      const row = at === -1 ? ends.length : at;
      ends[row] = one.ends_at;
      return { one, row };
    });
  const first = Math.min(...all.map(({ one }) => minutes(one.starts_at)));
  const last = Math.max(...all.map(({ one }) => minutes(one.ends_at)));
  const clock = (date: Date) =>
    new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit", timeZone: today.time_zone }).format(date);
  const now = minutes(clock(new Date(seconds * 1000)));
  const shown = (time: string) =>
    new Intl.DateTimeFormat(i18n.language, { timeStyle: "short", timeZone: "UTC" }).format(
      new Date(`${today.date}T${time}Z`),
    );
  const at = (one: { starts_at: string; ends_at: string }, row: number): CSSProperties => ({
    gridRow: row + 1,
    gridColumn: `${minutes(one.starts_at) - first + 1} / ${minutes(one.ends_at) - first + 1}`,
  });
  const gone = (one: { starts_at: string; ends_at: string }) =>
    Math.max(
      0,
      Math.min(100, (100 * (now - minutes(one.starts_at))) / (minutes(one.ends_at) - minutes(one.starts_at))),
    );
  const status = (one: Section) => {
    const lab =
      one.labs.find((each) => each.state === "open") ?? one.labs.find((each) => each.planned_for === today.date);
    return { lab, says: lab ? t(`today.rim.${lab.state}`) : t("today.rim.none") };
  };
  const enter = (one: Section) => {
    const { lab } = status(one);
    if (one.runs) chooseClass(one.id);
    go(
      !lab
        ? one.runs
          ? `/class/${one.id}`
          : "/today"
        : lab.state === "prepared" && one.runs
          ? `/labs/${lab.id}/prepare`
          : `/labs/${lab.id}`,
    );
  };
  return (
    <ol className="day-rim" style={{ "--minutes": last - first } as CSSProperties} aria-label={t("today.rim.title")}>
      {all.map(({ one, row }) =>
        isClass(one) ? (
          <li key={one.id} style={at(one, row)}>
            <span className="rim-time num">{shown(one.starts_at)}</span>
            <button
              type="button"
              className={`rim-vessel ${one.is_now ? "is-now" : ""}`}
              style={{ "--gone": `${gone(one)}%` } as CSSProperties}
              onClick={() => enter(one)}
            >
              <b>{nameAmong(one, today.sections)}</b>
              {status(one).lab && <span className="rim-lab">{status(one).lab?.title}</span>}
              <span className="rim-says">{status(one).says}</span>
            </button>
          </li>
        ) : (
          <li key={one.name} style={at(one, row)} className="is-free">
            <span className="rim-time num">{shown(one.starts_at)}</span>
            <span className="rim-free">{t("today.rim.period", { name: one.name })}</span>
          </li>
        ),
      )}
    </ol>
  );
}
