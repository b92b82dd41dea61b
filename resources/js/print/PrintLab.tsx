import "../../css/print.css";
import { useTranslation } from "react-i18next";
import { Navigate, useNavigate, useParams } from "react-router";
import type { Schemas } from "../api/client";
import { asProblem } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import { useLabSheet } from "../prepare/LabScreen";
import BlankSheets from "./BlankSheets";
import RecipeSheet from "./RecipeSheet";
import ShoppingList from "./ShoppingList";
import StationCards from "./StationCards";
import TechniqueCards from "./TechniqueCards";

export type Sheet = Schemas["LabSheet"];

const PAGES: Record<string, (props: { sheet: Sheet }) => React.ReactNode> = {
  cards: StationCards,
  sheet: RecipeSheet,
  list: ShoppingList,
  techniques: TechniqueCards,
  blank: BlankSheets,
};

/** A print page of a lab: black on white, a page each; the buttons stay on the screen. */
export default function PrintLab() {
  const { t } = useTranslation();
  const go = useNavigate();
  const { lab = "", what = "" } = useParams();
  const sheet = useLabSheet(Number(lab));
  const Page = PAGES[what];
  if (!Page) return <Navigate to={`/labs/${lab}/prepare`} replace />;
  if (sheet.isPending) return <Loading />;
  if (sheet.isError) {
    return asProblem(sheet.error).isSignedOut ? (
      <Navigate to="/sign-in" replace />
    ) : (
      <ProblemNote error={sheet.error} retry={sheet.refetch} />
    );
  }
  return (
    <div className="print-page" data-theme="flour">
      <p className="print-bar">
        <button type="button" className="btn btn-outline" onClick={() => go(-1)}>
          {t("print.back")}
        </button>
        <button type="button" className="btn btn-primary" onClick={() => window.print()}>
          {t("print.now")}
        </button>
      </p>
      <Page sheet={sheet.data} />
    </div>
  );
}
