import { useParams } from "react-router";
import EquivalentsChart from "./EquivalentsChart";
import PrintFrame from "./PrintFrame";
import ToolLabels from "./ToolLabels";

/** What hangs in the kitchen whatever the lab: the equivalents chart, and labels for the tools. */
export default function PrintWall() {
  const { what = "" } = useParams();
  return <PrintFrame>{what === "labels" ? <ToolLabels /> : <EquivalentsChart />}</PrintFrame>;
}
