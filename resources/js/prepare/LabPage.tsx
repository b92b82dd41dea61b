import { type KeyboardEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import KitchenFraction from "../kit/KitchenFraction";
import { useDay } from "../kit/useDay";
import { useIsWide } from "../kit/useIsWide";
import Before from "./Before";
import CarefulGroups from "./CarefulGroups";
import LabActions from "./LabActions";
import LabLineRow from "./LabLineRow";
import LabSettings from "./LabSettings";
import LineSettings from "./LineSettings";
import type { Sheet } from "./lab";
import OpenLab from "./OpenLab";
import PrintMenu from "./PrintMenu";
import Supplies from "./Supplies";

/**
 * A lab before its day: every line in one look. A line opens its settings at the side, or below it where there is no room; with none
 * open, what is left to do stands there.
 */
export default function LabPage({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const day = useDay();
  const isWide = useIsWide();
  const [open, setOpen] = useState<number>();
  const line = sheet.lines.find((one) => one.position === open);
  const warned = sheet.lines.filter((one) => one.warnings.length > 0);
  const close = () => {
    setOpen(undefined);
    document.getElementById(`line-${open}`)?.focus();
  };
  const keys = (event: KeyboardEvent) => {
    if (event.key === "Escape" && line) close();
  };
  const settings = line && (
    <LineSettings
      key={line.position}
      lab={sheet.id}
      line={line}
      stations={sheet.stations}
      frozen={sheet.state !== "prepared"}
      close={close}
    />
  );
  return (
    <main className="sheet lab-sheet" onKeyDown={keys}>
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
          </p>
          <p className="lab-links">
            {sheet.recipe !== null && <Link to={`/recipes/${sheet.recipe}`}>{t("lab.recipe")}</Link>}
            <Link to={`/labs/${sheet.id}/period`}>{t("period.link")}</Link>
            <Link to={`/print/labs/${sheet.id}/list`}>{t("lab.list")}</Link>
          </p>
        </div>
        <div className="lab-open">
          <PrintMenu sheet={sheet} />
          <OpenLab sheet={sheet} />
        </div>
      </header>
      <div>
        <table className="plan-t lab-t">
          <thead>
            <tr>
              <th scope="col" className="paper">
                {t("lab.station")}
              </th>
              <th scope="col">{t("lab.tools")}</th>
              <th scope="col">{t("lab.technique")}</th>
              <th scope="col">{t("lab.target")}</th>
              <th scope="col">{t("lab.carefulHead")}</th>
            </tr>
          </thead>
          <tbody>
            {sheet.lines.map((one) => [
              <LabLineRow
                key={one.position}
                line={one}
                isOpen={one.position === open}
                open={() => setOpen(one.position === open ? undefined : one.position)}
              />,
              !isWide && one.position === open && (
                <tr key="settings">
                  <td colSpan={5}>{settings}</td>
                </tr>
              ),
            ])}
          </tbody>
        </table>
        <Supplies sheet={sheet} />
      </div>
      <aside className="sheet-side">
        {isWide && settings}
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
        <LabSettings key={sheet.id} sheet={sheet} />
        <section>
          <h2 className="h2rim">{t("lab.files")}</h2>
          <a className="desk-link" href={`/api/labs/${sheet.id}/bundle`}>
            {t("lab.share")}
          </a>
          <a className="desk-link" href={`/api/labs/${sheet.id}/calendar.ics`}>
            {t("lab.calendar")}
          </a>
          <Link className="desk-link" to={`/review/labs/${sheet.id}/marks`}>
            {t("lab.marked")}
          </Link>
          <LabActions sheet={sheet} />
        </section>
      </aside>
    </main>
  );
}
