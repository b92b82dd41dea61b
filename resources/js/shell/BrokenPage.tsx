import { useTranslation } from "react-i18next";
import { Link, useRouteError } from "react-router";
import VerdictGlyph from "../kit/VerdictGlyph";

/** A page that could not be shown, or that does not exist: one sentence, one way on. */
export default function BrokenPage() {
  const { t } = useTranslation();
  const error = useRouteError();
  return (
    <main className="door">
      <VerdictGlyph verdict="none" size={120} hidden />
      <h1>{t(error == null ? "problem.none" : "problem.page")}</h1>
      <Link className="btn btn-primary btn-main" to="/" reloadDocument>
        {t("problem.home")}
      </Link>
    </main>
  );
}
