import "../../css/prepare.css";
import "../../css/checks.css";
import { useParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import StandardPage from "./StandardPage";

export default function StandardScreen() {
  const { food = "" } = useParams();
  const page = $api.useQuery("get", "/api/pantry/{ingredient}/standard", { params: { path: { ingredient: food } } });
  if (page.data) return <StandardPage key={food} page={page.data} />;
  if (page.isPending) return <Loading />;
  return <ProblemNote error={page.error} retry={page.refetch} />;
}
