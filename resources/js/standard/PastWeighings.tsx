import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";
import { useDay } from "../kit/useDay";
import { asKept, type Page, type useStandard } from "./standard";

/** Level weighings of this food in labs, by the same tool and the same way of filling: taken as trials with a tap. */
export default function PastWeighings({ page, standard }: { page: Page; standard: ReturnType<typeof useStandard> }) {
  const { t, i18n } = useTranslation();
  const day = useDay();
  const trials = asKept(page).trials;
  const taken = trials.map((one) => one.weighing);
  const past = page.past.filter((one) => one.tool === page.tool && !taken.includes(one.id));
  if (past.length === 0) return null;
  const take = (some: Page["past"]) =>
    standard.keep({
      trials: [
        ...trials,
        ...some.map((one) => ({ grams: String(one.grams), weighing: one.id, where: one.station, left_out: false })),
      ],
    });
  return (
    <details className="past-weighings">
      <summary>{t("standard.past", { count: past.length })}</summary>
      <button type="button" className="btn btn-outline min-h-11" onClick={() => take([...past].reverse())}>
        {t("standard.takeAll", { count: past.length })}
      </button>
      <ul>
        {past.slice(0, 20).map((one) => (
          <li key={one.id}>
            <b className="num">{shown(one.grams, 1, i18n.language)} g</b>
            <span>
              {one.station}, {one.lab}
              <span className="soft block">{day(one.day, "short")}</span>
            </span>
            <button
              type="button"
              className="quiet"
              aria-label={t("standard.takeThis", { grams: one.grams, station: one.station })}
              onClick={() => take([one])}
            >
              {t("standard.take")}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
