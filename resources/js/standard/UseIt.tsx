import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import { shown, signed } from "../kit/numbers";
import SendButton from "../kit/SendButton";
import { useDay } from "../kit/useDay";
import type { Page, useStandard } from "./standard";

/** What the trials come to, what it would change, and the one button that does it. */
export default function UseIt({ page, standard }: { page: Page; standard: ReturnType<typeof useStandard> }) {
  const { t, i18n } = useTranslation();
  const day = useDay();
  const { found } = page;
  const g = (grams: number, more = 0) => shown(grams, (grams < 10 ? 2 : grams < 100 ? 1 : 0) + more, i18n.language);
  return (
    <section>
      <h2 className="h2rim">{t("standard.use")}</h2>
      {found ? (
        <>
          <p className="use-it">
            <b>{g(found.per_cup_g)} g</b>{" "}
            {t("standard.sure", {
              low: g(found.cup_low_g, 1),
              high: g(found.cup_high_g, 1),
              cv: shown(found.cv_pct, 1, i18n.language),
            })}
          </p>
          {page.adopted ? (
            <p>{t("standard.isUsed", { day: day(page.adopted), by: page.by ?? "", n: found.n })}</p>
          ) : (
            <p>
              {t("standard.changes", {
                grams: signed(found.change_g, Math.abs(found.change_g) < 10 ? 1 : 0, i18n.language),
                percent: signed(found.change_pct, 1, i18n.language),
                count: page.labs,
              })}
            </p>
          )}
          <p className="soft">
            {found.more === 0 ? t("standard.enough", { n: found.n }) : t("standard.more", { count: found.more })}
          </p>
        </>
      ) : (
        <p>{t("standard.missing", { count: page.missing })}</p>
      )}
      {!page.adopted && (
        <SendButton
          type="button"
          className="btn btn-primary"
          isPending={standard.adopting.isPending}
          disabled={!found}
          onClick={() => standard.adopting.send({ params: { path: standard.path } })}
        >
          {found ? t("standard.adopt", { grams: g(found.per_cup_g) }) : t("standard.adoptNone")}
        </SendButton>
      )}
      {(page.adopted || page.trials.length > 0) && (
        <button
          type="button"
          className="quiet underline"
          onClick={() => standard.ending.send({ params: { path: standard.path } })}
        >
          {t(page.adopted ? "standard.back" : "standard.drop")}
        </button>
      )}
      <FieldProblem>{standard.adopting.says ?? standard.ending.says}</FieldProblem>
    </section>
  );
}
