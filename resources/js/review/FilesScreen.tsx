import "../../css/prepare.css";
import "../../css/review.css";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { tagged } from "../kit/numbers";
import Loading from "../shell/Loading";
import { useClassHere } from "../shell/useClassHere";
import NoClass from "./NoClass";
import ReviewTabs from "./ReviewTabs";
import TakeIn from "./TakeIn";

const TABLES = ["weighings", "results", "marks", "checks", "practice"] as const;

/** A class's work, taken out: tables for a spreadsheet, marks for another system, sheets on paper. */
export default function FilesScreen() {
  const { t, i18n } = useTranslation();
  const { section, today } = useClassHere();
  if (today.isPending) return <Loading />;
  if (!section) return <NoClass />;
  const files = `/api/sections/${section.id}/files`;
  const language = tagged(i18n.language);
  return (
    <main className="review">
      <ReviewTabs />
      <h1>{t("review.out")}</h1>
      <p className="soft">{t("files.hint")}</p>
      <ul className="rubric-list">
        {TABLES.map((one) => (
          <li key={one}>
            <div>
              <b>{t(`files.${one}`)}</b>
              <span className="soft">{t(`files.${one}Hint`)}</span>
            </div>
            <a className="btn btn-outline" href={`${files}/${one}.csv?language=${language}`} download>
              CSV
            </a>
          </li>
        ))}
        <li>
          <div>
            <b>{t("files.oneroster")}</b>
            <span className="soft">{t("files.onerosterHint")}</span>
          </div>
          <a className="btn btn-outline" href={`${files}/oneroster.zip`} download>
            ZIP
          </a>
        </li>
        <li>
          <div>
            <b>{t("files.all")}</b>
            <span className="soft">{t("files.allHint")}</span>
          </div>
          <a className="btn btn-outline" href={`/api/sections/${section.id}/export.zip`} download>
            ZIP
          </a>
        </li>
        <li>
          <div>
            <b>{t("files.whole")}</b>
            <span className="soft">{t("files.wholeHint")}</span>
          </div>
          <a className="btn btn-outline" href={`${files}/class.json`} download>
            JSON
          </a>
        </li>
        <TakeIn />
        <li>
          <div>
            <b>{t("files.sheets")}</b>
            <span className="soft">{t("files.sheetsHint")}</span>
          </div>
          <Link className="btn btn-outline" to={`/print/feedback?section=${section.id}`}>
            {t("files.print")}
          </Link>
        </li>
      </ul>
    </main>
  );
}
