import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/query";

/** Classes that were put away. */
export default function Archived() {
  const { t } = useTranslation();
  const archived = $api.useQuery("get", "/api/sections/archived");
  if (!archived.data || archived.data.classes.length === 0) return null;
  return (
    <section>
      <h2 className="h2rim">{t("class.archived")}</h2>
      <ul>
        {archived.data.classes.map((one) => (
          <li key={one.id} className="note">
            <Link className="quiet !px-0" to={`/class/${one.id}`}>
              {one.name}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
