import "../../css/prepare.css";
import { useSearchParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import PantryPage from "./PantryPage";

export default function PantryScreen() {
  const [search] = useSearchParams();
  const pantry = $api.useQuery("get", "/api/pantry");
  if (pantry.data) return <PantryPage key={search.get("food")} entries={pantry.data} />;
  if (pantry.isPending) return <Loading />;
  return <ProblemNote error={pantry.error} retry={pantry.refetch} />;
}
