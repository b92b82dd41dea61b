import "../../css/prepare.css";
import "../../css/review.css";
import { useParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import MarksPage from "./MarksPage";
import PickRubric from "./PickRubric";

export default function MarksScreen() {
  const { lab = "" } = useParams();
  const page = $api.useQuery("get", "/api/labs/{lab}/marks", { params: { path: { lab: Number(lab) } } });
  if (page.isPending) return <Loading />;
  if (page.isError) return <ProblemNote error={page.error} retry={page.refetch} />;
  return page.data.rubric ? <MarksPage key={lab} page={page.data} /> : <PickRubric page={page.data} />;
}
