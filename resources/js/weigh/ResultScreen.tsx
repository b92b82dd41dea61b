import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { weighingQuery } from "./kitchen";
import ResultPage from "./ResultPage";

/** How a weigh-in was. */
export default function ResultScreen() {
  const { weighing = "" } = useParams();
  const result = useQuery(weighingQuery(weighing));
  if (result.data) return <ResultPage key={result.data.id} result={result.data} />;
  if (result.isPending) return <Loading />;
  return <ProblemNote error={result.error} retry={result.refetch} />;
}
