import "../../css/prepare.css";
import "../../css/review.css";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import NoClass from "./NoClass";
import SkillsPage from "./SkillsPage";

export default function SkillsScreen() {
  const { section, today } = useClassHere();
  if (today.isPending) return <Loading />;
  return section ? <OfClass key={section.id} section={section.id} /> : <NoClass />;
}

function OfClass({ section }: { section: number }) {
  const page = $api.useQuery("get", "/api/sections/{section}/skills", { params: { path: { section } } });
  if (page.data) return <SkillsPage section={section} page={page.data} />;
  if (page.isPending) return <Loading />;
  return <ProblemNote error={page.error} retry={page.refetch} />;
}
