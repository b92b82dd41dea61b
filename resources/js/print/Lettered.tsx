import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { useDay } from "../kit/useDay";
import type { Sheet } from "../prepare/lab";

type Props = { title: string; under?: string; sheet: Sheet; children: ReactNode };

/** One page to print: a name at the left, the lab at the right, a rule all things hang from. */
export default function Lettered({ title, under, sheet, children }: Props) {
  const { t } = useTranslation();
  const day = useDay();
  return (
    <section className="paper-page">
      <header>
        <div>
          <h1>{title}</h1>
          {under && <p>{under}</p>}
        </div>
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
      </header>
      {children}
    </section>
  );
}
