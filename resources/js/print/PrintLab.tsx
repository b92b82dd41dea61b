import { Navigate, useParams } from "react-router";
import { type Sheet, useLabSheet } from "../prepare/lab";
import BlankSheets from "./BlankSheets";
import PrintFrame from "./PrintFrame";
import PrintHandOver from "./PrintHandOver";
import PrintPeriod from "./PrintPeriod";
import PrintWaiting from "./PrintWaiting";
import RecipeSheet from "./RecipeSheet";
import ShoppingList from "./ShoppingList";
import StationCards from "./StationCards";
import SubstituteSheet from "./SubstituteSheet";
import TechniqueCards from "./TechniqueCards";

const PAGES: Record<string, (props: { sheet: Sheet }) => React.ReactNode> = {
  cards: StationCards,
  sheet: RecipeSheet,
  list: ShoppingList,
  techniques: TechniqueCards,
  blank: BlankSheets,
  period: PrintPeriod,
  "hand-over": PrintHandOver,
  substitute: SubstituteSheet,
};

/** A print page of a lab. */
export default function PrintLab() {
  const { lab = "", what = "" } = useParams();
  const sheet = useLabSheet(Number(lab));
  const Page = PAGES[what];
  if (!Page) return <Navigate to={`/labs/${lab}/prepare`} replace />;
  if (!sheet.data) return <PrintWaiting error={sheet.error} retry={sheet.refetch} />;
  return (
    <PrintFrame>
      <Page sheet={sheet.data} />
    </PrintFrame>
  );
}
