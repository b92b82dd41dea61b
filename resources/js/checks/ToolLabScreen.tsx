import "../../css/prepare.css";
import "../../css/drawer.css";
import "../../css/checks.css";
import { useParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import ToolLab from "./ToolLab";

export default function ToolLabScreen() {
  const { lab = "0" } = useParams();
  const page = $api.useQuery(
    "get",
    "/api/labs/{lab}/tools",
    { params: { path: { lab: Number(lab) } } },
    { refetchInterval: (query) => (query.state.data?.state === "open" ? 5000 : false) },
  );
  if (page.data) return <ToolLab page={page.data} />;
  if (page.isPending) return <Loading />;
  return <ProblemNote error={page.error} retry={page.refetch} />;
}
