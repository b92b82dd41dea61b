import { useTranslation } from "react-i18next";
import { useLocation, useNavigate } from "react-router";
import { Back } from "../kit/icons";
import LibraryScreen from "./LibraryScreen";

/** The library at a station or on a phone; leaving it goes back to what one was doing. */
export default function StudentLibrary() {
  const { t } = useTranslation();
  const go = useNavigate();
  const from: unknown = useLocation().state;
  return (
    <div className="student">
      <header className="shead">
        <button
          type="button"
          className="quiet bench-back lib-back"
          onClick={() => go(typeof from === "string" ? from : "/kitchen")}
        >
          <Back size={22} />
          {t("library.back")}
        </button>
        <span className="h-line">{t("library.title")}</span>
      </header>
      <LibraryScreen home="/kitchen/techniques" />
    </div>
  );
}
