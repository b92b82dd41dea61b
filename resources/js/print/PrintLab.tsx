import { Navigate, useParams } from "react-router";
import type { Schemas } from "../api/client";
import { useLabSheet } from "../prepare/LabScreen";
import BlankSheets from "./BlankSheets";
import PrintFrame, { Waiting } from "./PrintFrame";
import PrintHandOver from "./PrintHandOver";
import PrintPeriod from "./PrintPeriod";
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
  period: PrintPeriod,
  "hand-over": PrintHandOver,
};

/** A print page of a lab. */
export default function PrintLab() {
  const { lab = "", what = "" } = useParams();
  const sheet = useLabSheet(Number(lab));
  const Page = PAGES[what];
  if (!Page) return <Navigate to={`/labs/${lab}/prepare`} replace />;
  if (!sheet.data) return <Waiting error={sheet.error} retry={sheet.refetch} />;
  return (
    <PrintFrame>
      <Page sheet={sheet.data} />
    </PrintFrame>
  );
}
