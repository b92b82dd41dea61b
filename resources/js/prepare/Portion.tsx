import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import KitchenFraction from "../kit/KitchenFraction";

/** A batch shared out by cup: how many portions, and what is left. */
export default function Portion({ section }: { section: number }) {
  const { t } = useTranslation();
  const [batch, setBatch] = useState(t("recipe.batchFirst"));
  const [each, setEach] = useState(t("recipe.eachFirst"));
  const asking = useSend("get", "/api/portions");
  const ask = (event: FormEvent) => {
    event.preventDefault();
    asking.send({ params: { query: { batch, each, section } } });
  };
  return (
    <section>
      <h2 className="h2rim">{t("recipe.portion")}</h2>
      <form className="grid gap-3 pt-3" onSubmit={ask} noValidate>
        <Field
          label={t("recipe.batch")}
          value={batch}
          maxLength={60}
          problem={asking.at("batch")}
          onChange={(e) => setBatch(e.target.value)}
        />
        <Field
          label={t("recipe.each")}
          value={each}
          maxLength={60}
          problem={asking.at("each")}
          onChange={(e) => setEach(e.target.value)}
        />
        <button type="submit" className="btn btn-outline min-h-11">
          {t("recipe.work")}
        </button>
        <p role="status" className="running text-[1.0625rem]">
          {asking.data && (
            <>
              <b>{t("recipe.count", { count: asking.data.portions })}</b>
              {asking.data.left && (
                <>
                  , <KitchenFraction>{t("recipe.left", { left: asking.data.left })}</KitchenFraction>
                </>
              )}
            </>
          )}
        </p>
      </form>
    </section>
  );
}
