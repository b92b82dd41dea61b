import "../../css/prepare.css";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import PantryPage from "./PantryPage";

export default function PantryScreen() {
  const pantry = $api.useQuery("get", "/api/pantry");
  if (pantry.data) return <PantryPage entries={pantry.data} />;
  if (pantry.isPending) return <Loading />;
  return <ProblemNote error={pantry.error} retry={pantry.refetch} />;
}
