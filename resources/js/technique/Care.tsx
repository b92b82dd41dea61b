import { useTranslation } from "react-i18next";
import type { Library } from "./library";

/** What everybody takes care of, and why. */
export default function Care({ safety, first }: { safety: Library["safety"]; first: string }) {
  const { t } = useTranslation();
  return (
    <>
      <h1>{t("library.care")}</h1>
      <p className="lib-because">{first}</p>
      <dl className="lib-safety">
        {safety.map((point) => (
          <div key={point.id}>
            <dt>{point.name}</dt>
            <dd>
              <b>{point.care}</b> {point.why}
            </dd>
          </div>
        ))}
      </dl>
    </>
  );
}
