import "../../css/prepare.css";
import { useParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import ClassPage from "./ClassPage";

export default function ClassScreen() {
  const section = Number(useParams().section);
  const found = $api.useQuery("get", "/api/sections/{section}", { params: { path: { section } } });
  if (found.data) return <ClassPage key={found.data.id} one={found.data} />;
  if (found.isPending) return <Loading />;
  return <ProblemNote error={found.error} retry={found.refetch} />;
}
