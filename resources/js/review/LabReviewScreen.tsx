import "../../css/prepare.css";
import "../../css/review.css";
import { useParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import LabReviewPage from "./LabReviewPage";

export default function LabReviewScreen() {
  const { lab = "" } = useParams();
  const page = $api.useQuery("get", "/api/labs/{lab}/review", { params: { path: { lab: Number(lab) } } });
  if (page.data) return <LabReviewPage key={lab} page={page.data} />;
  if (page.isPending) return <Loading />;
  return <ProblemNote error={page.error} retry={page.refetch} />;
}
