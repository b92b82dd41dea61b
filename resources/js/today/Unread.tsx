import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";

/** What the last labs left: nobody has looked back on them yet. */
export default function Unread({ labs }: { labs: Schemas["UnreadLab"][] }) {
  const { t } = useTranslation();
  if (labs.length === 0) return null;
  return (
    <section>
      <h2 className="h2rim">{t("today.unread")}</h2>
      {labs.map((one) => (
        <p key={one.lab_id} className="py-1">
          <Link className="quiet underline" to={`/review/labs/${one.lab_id}`}>
            {t("today.unreadLab", { lab: one.lab, count: one.misses })}
          </Link>
          <span className="soft">
            {one.bakes > 0 && ` ${t("today.bakes", { count: one.bakes })}.`}
            {one.owes > 0 && ` ${t("today.owes", { count: one.owes })}.`}
          </span>
        </p>
      ))}
    </section>
  );
}
