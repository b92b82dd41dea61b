import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import KitchenFraction from "../kit/KitchenFraction";
import { useDay } from "../kit/useDay";
import Before from "./Before";
import CarefulGroups from "./CarefulGroups";
import LabActions from "./LabActions";
import LabLineRow from "./LabLineRow";
import LabSettings from "./LabSettings";
import { PRINTS, type Sheet } from "./lab";
import Supplies from "./Supplies";

/** A lab before its day: every line as tools, technique and grams; what to warn of, to fetch, to do; print; open. */
export default function LabPage({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const day = useDay();
  const warned = sheet.lines.filter((line) => line.warnings.length > 0);
  return (
    <main className="sheet">
      <div>
        <header className="sheet-head">
          <div>
            <h1>{sheet.title}</h1>
            <p className="soft running">
              {t("lab.as", {
                section: sheet.section,
                day: day(sheet.planned_for),
                from: sheet.starts_at,
                to: sheet.ends_at,
              })}
              {sheet.factor !== "1" && (
                <>
                  {" · "}
                  <KitchenFraction>{t("recipe.times", { factor: sheet.factor })}</KitchenFraction>
                </>
              )}
              {sheet.recipe !== null && (
                <>
                  {" · "}
                  <Link className="underline underline-offset-4" to={`/recipes/${sheet.recipe}`}>
                    {t("lab.recipe")}
                  </Link>
                </>
              )}
            </p>
          </div>
        </header>
        <table className="plan-t lab-t">
          <thead>
            <tr>
              <th scope="col" className="paper">
                {t("lab.station")}
              </th>
              <th scope="col">{t("lab.tools")}</th>
              <th scope="col">{t("lab.technique")}</th>
              <th scope="col">{t("lab.target")}</th>
              <th scope="col">{t("lab.judged")}</th>
            </tr>
          </thead>
          <tbody>
            {sheet.lines.map((line) => (
              <LabLineRow
                key={line.position}
                lab={sheet.id}
                line={line}
                stations={sheet.stations}
                frozen={sheet.state !== "prepared"}
              />
            ))}
          </tbody>
        </table>
        <Supplies sheet={sheet} />
      </div>
      <aside className="sheet-side">
        <LabSettings key={sheet.id} sheet={sheet} />
        <section>
          <h2 className="h2rim">{t("lab.before")}</h2>
          <p className="note">
            {warned.length === 0 ? t("lab.noWarnings") : <b>{t("lab.warnings", { count: warned.length })}</b>}
          </p>
          <CarefulGroups sheet={sheet} />
          <p className="note">
            {sheet.allergens.length > 0
              ? t("lab.allergens", { list: sheet.allergens.join(", ") })
              : t("lab.noAllergens")}
          </p>
        </section>
        <section>
          <h2 className="h2rim">{t("lab.todo")}</h2>
          <Before sheet={sheet} />
        </section>
        <section>
          <h2 className="h2rim">{t("lab.print")}</h2>
          <ul className="prints">
            {PRINTS.map((what) => (
              <li key={what}>
                <Link className="desk-link" to={`/print/labs/${sheet.id}/${what}`}>
                  {t(`lab.${what}`)}
                </Link>
              </li>
            ))}
            <li>
              <Link className="desk-link" to={`/labs/${sheet.id}/period`}>
                {t("period.link")}
              </Link>
            </li>
            {["chart", "labels"].map((what) => (
              <li key={what}>
                <Link className="desk-link" to={`/print/${what}?class=${sheet.section_id}`}>
                  {t(`lab.${what}`)}
                </Link>
              </li>
            ))}
          </ul>
        </section>
        <section>
          <h2 className="h2rim">{t("lab.files")}</h2>
          <a className="desk-link" href={`/api/labs/${sheet.id}/bundle`}>
            {t("lab.share")}
          </a>
          <a className="desk-link" href={`/api/labs/${sheet.id}/calendar.ics`}>
            {t("lab.calendar")}
          </a>
        </section>
        <LabActions sheet={sheet} />
      </aside>
    </main>
  );
}
