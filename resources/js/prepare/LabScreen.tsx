import "../../css/prepare.css";
import { useParams } from "react-router";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import LabPage from "./LabPage";
import { useLabSheet } from "./lab";

export default function LabScreen() {
  const { lab = "" } = useParams();
  const sheet = useLabSheet(Number(lab));
  if (sheet.data) return <LabPage sheet={sheet.data} />;
  if (sheet.isPending) return <Loading />;
  return <ProblemNote error={sheet.error} retry={sheet.refetch} />;
}
