import { useParams } from "react-router";
import CodeCards from "./CodeCards";
import EquivalentsChart from "./EquivalentsChart";
import ExperimentSheet from "./ExperimentSheet";
import FeedbackSheets from "./FeedbackSheets";
import PinSlips from "./PinSlips";
import PrintFrame from "./PrintFrame";
import ToolLabels from "./ToolLabels";

/** What hangs in the kitchen whatever the lab: the equivalents chart, labels for the tools, the codes to come in by. */
export default function PrintWall() {
  const { what = "" } = useParams();
  const pages = {
    experiment: <ExperimentSheet />,
    feedback: <FeedbackSheets />,
    labels: <ToolLabels />,
    codes: <CodeCards />,
    pins: <PinSlips />,
  };
  return <PrintFrame>{pages[what as keyof typeof pages] ?? <EquivalentsChart />}</PrintFrame>;
}
