import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import KitchenFraction from "../kit/KitchenFraction";
import { signed } from "../kit/numbers";
import { useClassHere } from "../shell/useClassHere";

/** Grams back to the measure a cook has. */
export default function NearestMeasure({ ingredient }: { ingredient: string }) {
  const { t, i18n } = useTranslation();
  const { section } = useClassHere();
  const [grams, setGrams] = useState("");
  const asking = useSend("get", "/api/pantry/{ingredient}/measure");
  const ask = (event: FormEvent) => {
    event.preventDefault();
    asking.send({ params: { path: { ingredient }, query: { grams, ...(section && { section: section.id }) } } });
  };
  return (
    <form className="grid gap-3" onSubmit={ask} noValidate>
      <h2 className="h2rim">{t("pantry.toMeasure")}</h2>
      <Field
        label={t("pantry.grams")}
        inputMode="decimal"
        maxLength={8}
        value={grams}
        problem={asking.says}
        onChange={(event) => setGrams(event.target.value)}
      />
      <button type="submit" className="btn btn-outline min-h-11">
        {t("recipe.work")}
      </button>
      <p role="status" className="running text-[1.0625rem]">
        {asking.data && (
          <>
            <b>
              <KitchenFraction>{asking.data.measure}</KitchenFraction>
            </b>
            {!asking.data.exact && (
              <span className="soft">
                , {t("pantry.near", { percent: signed(asking.data.error_pct, 1, i18n.language) })}
              </span>
            )}
          </>
        )}
      </p>
    </form>
  );
}
