import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import AskedAlone from "./AskedAlone";

/** One question at a time: answer, see why, go on. Left and come back to, it is where it was. */
export default function Practice() {
  const asked = $api.useQuery("get", "/api/practice");
  if (asked.isPending) return <Loading />;
  if (!asked.data) return <ProblemNote error={asked.error} retry={asked.refetch} />;
  return <AskedAlone key={asked.data.id} question={asked.data} />;
}
