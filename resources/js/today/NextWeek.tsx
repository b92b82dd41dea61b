import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/query";

/** The rest of this week and the next: what is planned on each day, with the way to the whole term. */
export default function NextWeek({ today }: { today: string }) {
  const { t, i18n } = useTranslation();
  const term = $api.useQuery("get", "/api/term", { params: { query: { from: today } } });
  if (!term.data) return null;
  const written = (date: string) =>
    new Intl.DateTimeFormat(i18n.language, { weekday: "short", day: "numeric", timeZone: "UTC" }).format(
      new Date(`${date}T00:00Z`),
    );
  const days = term.data.weeks
    .slice(0, 2)
    .flatMap((week) => week.days)
    .filter((day, i) => day.date > today && (i % 7 < 5 || day.labs.length > 0))
    .slice(0, 5);
  return (
    <section className="next-week">
      <h2 className="h2rim flex justify-between">
        <span>{t("today.ahead")}</span>
        <Link className="quiet underline" to="/prepare/calendar">
          {t("term.title")}
        </Link>
      </h2>
      <ol>
        {days.map((day) => (
          <li key={day.date} className={day.is_school ? "" : "no-school"}>
            <b>{written(day.date)}</b> <span className="soft">{day.is_school ? day.bells : t("term.noSchool")}</span>
            {day.labs.length === 0 && day.is_school && <p className="soft">{t("today.nothingPlanned")}</p>}
            {day.labs.map((lab) => (
              <p key={lab.id}>
                <Link to={lab.state === "prepared" ? `/labs/${lab.id}/prepare` : `/labs/${lab.id}`}>{lab.title}</Link>{" "}
                <span className="soft">{lab.section}</span>
              </p>
            ))}
          </li>
        ))}
      </ol>
    </section>
  );
}
