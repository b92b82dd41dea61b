import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { useDay } from "../kit/useDay";
import type { Sheet } from "../prepare/lab";
import PaperTitle from "./PaperTitle";

type Props = {
  title: string;
  /** what kind of page it is, for the window and the file it is kept in; its title where that says it */
  kind?: string;
  under?: string;
  /** beside the name: a code to scan */
  mark?: ReactNode;
  sheet: Sheet;
  children: ReactNode;
};

/**
 * To print: a name at the left, the lab at the right, a rule all things hang from. All of it is one table with the names in its head, since
 * a browser repeats that on each sheet of paper it takes.
 */
export default function Lettered({ title, kind, under, mark, sheet, children }: Props) {
  const { t } = useTranslation();
  const day = useDay();
  return (
    <section className="paper-page">
      <table className="lettered" role="presentation">
        <thead>
          <tr>
            <td>
              <header>
                <div>
                  <PaperTitle title={title} as={`${kind ?? title}, ${sheet.title}, ${sheet.section}`} />
                  {under && <p>{under}</p>}
                </div>
                <div className="flex items-end gap-3">
                  <div className="running text-right">
                    <b>
                      {sheet.title}
                      {sheet.factor !== "1" && (
                        <>
                          , <KitchenFraction>{t("recipe.times", { factor: sheet.factor })}</KitchenFraction>
                        </>
                      )}
                    </b>
                    <p>
                      {sheet.section}, {day(sheet.planned_for)}
                    </p>
                  </div>
                  {mark}
                </div>
              </header>
            </td>
          </tr>
        </thead>
        <tbody>
          <tr>
            <td>{children}</td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}
