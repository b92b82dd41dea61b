import { useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { speak } from "../i18n/i18n";

/** The other language, named in itself. What the server said is fetched again in it. */
export default function LanguageButton() {
  const { t, i18n } = useTranslation();
  const queries = useQueryClient();
  const other = i18n.language === "es" ? "en" : "es";
  return (
    <button
      type="button"
      className="quiet"
      lang={other}
      onClick={async () => {
        await speak(other);
        await queries.invalidateQueries();
      }}
    >
      {t("language.other")}
    </button>
  );
}
