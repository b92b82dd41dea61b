import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import type { Bells } from "./useSchool";

type Props = { draft: Bells; change: (part: Partial<Bells>) => void; at: (field: string) => string | undefined };

/** Days that are otherwise: no school, or other bells. */
export default function SpecialDays({ draft, change, at }: Props) {
  const { t } = useTranslation();
  const put = (i: number, part: Partial<Bells["days"][number]>) =>
    change({ days: draft.days.map((one, j) => (i === j ? { ...one, ...part } : one)) });
  return (
    <fieldset className="grid gap-2">
      <legend className="side-h">{t("calendar.special")}</legend>
      {draft.days.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a row; its date is being chosen
        <div key={i} className="copy-row">
          <input
            type="date"
            aria-label={t("recipe.day")}
            value={one.date}
            onChange={(event) => put(i, { date: event.target.value })}
          />
          <select
            aria-label={t("calendar.bellsOf", { day: one.date })}
            value={one.name ?? ""}
            onChange={(event) => put(i, { name: event.target.value || null })}
          >
            <option value="">{t("term.noSchool")}</option>
            {draft.schedules.map(({ name }) => (
              <option key={name} value={name}>
                {name}
              </option>
            ))}
          </select>
          <button
            type="button"
            className="quiet"
            aria-label={t("calendar.dropDay", { day: one.date })}
            onClick={() => change({ days: draft.days.filter((_, j) => j !== i) })}
          >
            ×
          </button>
          <FieldProblem>{at(`days.${i}.date`) ?? at(`days.${one.date}`)}</FieldProblem>
        </div>
      ))}
      <button
        type="button"
        className="quiet justify-self-start underline"
        onClick={() => change({ days: [...draft.days, { date: "", name: null }] })}
      >
        {t("calendar.addDay")}
      </button>
    </fieldset>
  );
}
