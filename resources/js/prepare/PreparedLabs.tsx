import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useDay } from "../kit/useDay";
import { useToday } from "../shell/useToday";

/** Labs that wait for their day. */
export default function PreparedLabs() {
  const { t } = useTranslation();
  const day = useDay();
  const today = useToday();
  const labs = today.data?.sections.flatMap((section) =>
    section.labs.filter((lab) => lab.state === "prepared").map((lab) => ({ ...lab, section: section.name })),
  );
  return (
    <section>
      <h2 className="h2rim">{t("prepare.labs")}</h2>
      {labs?.length === 0 && <p className="py-3">{t("prepare.noLabs")}</p>}
      <Link className="quiet underline" to="/prepare/calendar">
        {t("term.title")}
      </Link>
      {labs !== undefined && labs.length > 0 && (
        <Link className="quiet underline" to="/shopping">
          {t("prepare.shopping")}
        </Link>
      )}
      <ul>
        {labs?.map((lab) => (
          <li key={lab.id}>
            <Link className="desk-row" to={`/labs/${lab.id}/prepare`}>
              <b>{lab.title}</b>
              <span className="soft">
                {lab.section}, {t("prepare.plannedFor", { day: day(lab.planned_for) })}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
