import "../../css/prepare.css";
import "../../css/checks.css";
import { useParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import ExperimentPage from "./ExperimentPage";

export default function ExperimentScreen() {
  const { experiment = "0" } = useParams();
  const page = $api.useQuery(
    "get",
    "/api/experiments/{experiment}",
    { params: { path: { experiment: Number(experiment) } } },
    { refetchInterval: (query) => (query.state.data?.state === "open" ? 5000 : false) },
  );
  if (page.data) return <ExperimentPage page={page.data} />;
  if (page.isPending) return <Loading />;
  return <ProblemNote error={page.error} retry={page.refetch} />;
}
