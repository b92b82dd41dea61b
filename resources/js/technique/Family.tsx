import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import VerdictGlyph from "../kit/VerdictGlyph";
import FamilySteps from "./FamilySteps";
import type { TechniquePage } from "./library";

/** A family's page: one step large, all of them below it; what goes wrong and what it weighs; where cooks disagree. */
export default function Family({ page, pictures }: { page: TechniquePage; pictures: string[] }) {
  const { t, i18n } = useTranslation();
  const list = (words: string[], type: "conjunction" | "disjunction" = "conjunction") =>
    new Intl.ListFormat(i18n.language, { type }).format(words);
  return (
    <>
      <h1>{page.name}</h1>
      <p className="lib-because">
        {page.because} <span className="soft">{t("library.foods", { foods: list(page.foods.slice(0, 4)) })}</span>
      </p>
      <FamilySteps page={page} pictures={pictures} />
      {page.care.length > 0 && <p className="lib-care">{page.care.join(" ")}</p>}
      <div className="lib-two">
        <section>
          <h2 className="h2rim">{t("library.mistakes")}</h2>
          {page.target ? (
            <>
              <p className="soft lib-note running">
                <KitchenFraction>
                  {t("library.weighed", {
                    amount: page.amount,
                    food: page.example,
                    grams: page.target,
                  })}
                </KitchenFraction>
              </p>
              <ul>
                {page.mistakes.map((one) => (
                  <li key={one.cause} className="lib-mistake">
                    <VerdictGlyph verdict={one.verdict} tolerances={one.tolerances} size={40} hidden />
                    <span>
                      <b>{one.said}</b> <span className="soft">{one.tell}</span>
                    </span>
                    <span className="num lib-grams">
                      <b>{one.grams} g</b>
                      <span className={`v-${one.verdict}`}>
                        {t(one.tolerances > 0 ? "library.over" : "library.under", { grams: one.error })}
                      </span>
                    </span>
                  </li>
                ))}
              </ul>
            </>
          ) : (
            <p className="lib-note">{t("library.notMeasured")}</p>
          )}
        </section>
        <section>
          <h2 className="h2rim">{t("library.schools")}</h2>
          {page.schools.length === 0 && <p className="lib-note">{t("library.agreed")}</p>}
          <dl>
            {page.schools.map((one) => (
              <div key={one.question} className="lib-school">
                <dt>{one.question}</dt>
                <dd>
                  {t("library.ours")} <b>{one.ours}</b>.
                </dd>
                <dd className="soft">
                  {t("library.others", {
                    ways: list(one.others, "disjunction"),
                  })}
                </dd>
              </div>
            ))}
          </dl>
        </section>
      </div>
    </>
  );
}
