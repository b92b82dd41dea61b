import { useTranslation } from "react-i18next";
import { Link } from "react-router";

/** A school without a class has nothing to look back on. */
export default function NoClass() {
  const { t } = useTranslation();
  return (
    <main className="door">
      <h1>{t("review.noClass")}</h1>
      <Link className="btn btn-primary" to="/class">
        {t("review.makeClass")}
      </Link>
    </main>
  );
}
