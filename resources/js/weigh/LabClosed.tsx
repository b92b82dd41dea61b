import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import VerdictGlyph from "../kit/VerdictGlyph";
import type { Kitchen } from "./kitchen";
import StationHead from "./StationHead";

/** In place of an ingredient while its lab is closed: what was typed waits, and is there again when the lab is opened again. */
export default function LabClosed({ kitchen }: { kitchen: Kitchen }) {
  const { t } = useTranslation();
  return (
    <div className="student">
      <StationHead kitchen={kitchen} />
      <main className="door">
        <VerdictGlyph verdict="none" size={150} hidden />
        <h1>{t("kitchen.closed")}</h1>
        <p className="text-[1.25rem]">{t("kitchen.closedHint")}</p>
        <Link className="quiet" to="/kitchen">
          {t("measure.back")}
        </Link>
      </main>
    </div>
  );
}
