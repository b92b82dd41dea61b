import "../../css/ready.css";
import "../../css/term.css";
import { useTranslation } from "react-i18next";
import { Link, useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";

type Day = Schemas["TermDay"];
type Lab = Schemas["TermLab"];

/** A term week by week: which bells ring, and the labs of all classes. Weekends only where something is on them. */
export default function TermScreen() {
  const { t, i18n } = useTranslation();
  const [search] = useSearchParams();
  const from = search.get("from");
  const term = $api.useQuery("get", "/api/term", { params: { query: from === null ? {} : { from } } });
  if (term.isPending) return <Loading />;
  if (!term.data) return <ProblemNote error={term.error} retry={term.refetch} />;
  const { weeks, today, before, after } = term.data;
  const shows = [0, 1, 2, 3, 4, 5, 6].filter(
    (i) => i < 5 || weeks.some((week) => (week.days[i]?.labs.length ?? 0) > 0),
  );
  const written = (date: string, how: Intl.DateTimeFormatOptions) =>
    new Intl.DateTimeFormat(i18n.language, { ...how, timeZone: "UTC" }).format(new Date(`${date}T00:00Z`));
  return (
    <main className="term">
      <header className="ready-head">
        <h1>{t("term.title")}</h1>
        <Link className="btn btn-outline" to={`?from=${before}`}>
          {t("term.earlier")}
        </Link>
        <Link className="btn btn-outline" to={`?from=${after}`}>
          {t("term.later")}
        </Link>
        <Link className="btn btn-outline" to="/prepare">
          {t("places.prepare")}
        </Link>
      </header>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard */}
      <section className="term-scroll" aria-label={t("term.title")} tabIndex={0}>
        <table className="term-t">
          <thead>
            <tr>
              <td />
              {shows.map((i) => (
                <th key={i} scope="col">
                  {written(weeks[0]?.days[i]?.date ?? today, { weekday: "long" })}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {weeks.map(({ days }) => (
              <tr key={days[0]?.date}>
                <th scope="row">{written(days[0]?.date ?? today, { day: "numeric", month: "short" })}</th>
                {shows.map((i) => {
                  const day = days[i];
                  return (
                    day && (
                      <TermCell
                        key={day.date}
                        day={day}
                        isToday={day.date === today}
                        date={written(day.date, { day: "numeric" })}
                        weekday={written(day.date, { weekday: "long" })}
                      />
                    )
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </main>
  );
}

function TermCell({ day, isToday, date, weekday }: { day: Day; isToday: boolean; date: string; weekday: string }) {
  const { t } = useTranslation();
  return (
    <td
      className={`${isToday ? "is-today" : ""} ${day.is_school ? "" : "no-school"}`}
      aria-current={isToday ? "date" : undefined}
    >
      <p className="term-day">
        <b className="term-weekday">{weekday}</b> <b className="num">{date}</b>{" "}
        {isToday && <span className="tag-now">{t("places.today")}</span>}{" "}
        <span className="soft">{day.is_school ? day.bells : t("term.noSchool")}</span>
      </p>
      {day.labs.map((lab) => (
        <LabLink key={lab.id} lab={lab} />
      ))}
    </td>
  );
}

function LabLink({ lab }: { lab: Lab }) {
  const { t } = useTranslation();
  return (
    <Link
      className={`term-lab is-${lab.state}`}
      to={lab.state === "prepared" ? `/labs/${lab.id}/prepare` : `/labs/${lab.id}`}
    >
      <b>{lab.title}</b>
      <span>
        {lab.section}, {lab.starts_at}
      </span>
      {lab.state === "prepared" && !lab.meets ? (
        <span className="is-too-long">{t("term.doesNotMeet")}</span>
      ) : (
        <span className="soft">{t(`term.${lab.state}`)}</span>
      )}
    </Link>
  );
}
