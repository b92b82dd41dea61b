import "../../css/prepare.css";
import "../../css/checks.css";
import "../../css/review.css";
import { $api } from "../api/query";
import NoClass from "../review/NoClass";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import ExperimentsPage from "./ExperimentsPage";

export default function ExperimentsScreen() {
  const { section, today } = useClassHere();
  if (today.isPending) return <Loading />;
  return section ? <OfClass section={section.id} /> : <NoClass />;
}

function OfClass({ section }: { section: number }) {
  const list = $api.useQuery("get", "/api/sections/{section}/experiments", { params: { path: { section } } });
  if (list.data) return <ExperimentsPage list={list.data} />;
  if (list.isPending) return <Loading />;
  return <ProblemNote error={list.error} retry={list.refetch} />;
}
