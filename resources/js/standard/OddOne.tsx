import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";
import { asKept, type Page, type useStandard } from "./standard";

/** A trial that lies oddly: it stays in the record either way, and both figures stand there. */
export default function OddOne({ page, standard }: { page: Page; standard: ReturnType<typeof useStandard> }) {
  const { t, i18n } = useTranslation();
  const trials = asKept(page).trials;
  const odd = page.trials.map((one, i) => ({ ...one, i })).filter((one) => one.odd);
  const g = (grams: number) => shown(grams, 1, i18n.language);
  if (odd.length === 0) return null;
  const isOut = odd.some((one) => one.left_out);
  const turn = (left_out: boolean) =>
    standard.keep({ trials: trials.map((one, j) => (odd.some(({ i }) => i === j) ? { ...one, left_out } : one)) });
  return (
    <section>
      <h2 className="h2rim">{t("standard.odd")}</h2>
      {odd.map((one) => (
        <p key={one.i}>
          {t(one.over_g > 0 ? "standard.oddOver" : "standard.oddUnder", {
            n: one.i + 1,
            grams: g(Math.abs(one.over_g)),
          })}
        </p>
      ))}
      <fieldset className="choices" aria-label={t("standard.odd")}>
        <button type="button" className="name" aria-pressed={isOut} onClick={() => turn(true)}>
          {t("standard.leaveOut")}
        </button>
        <button type="button" className="name" aria-pressed={!isOut} onClick={() => turn(false)}>
          {t("standard.countIt")}
        </button>
      </fieldset>
      {page.otherwise && (
        <p className="soft">
          {t(isOut ? "standard.ifCounted" : "standard.ifLeft", {
            grams: g(page.otherwise.per_cup_g),
            half: g(page.otherwise.cup_half_g),
          })}
        </p>
      )}
    </section>
  );
}
