import "../../css/prepare.css";
import "../../css/checks.css";
import "../../css/review.css";
import { useSearchParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import MissPage from "./MissPage";
import NoClass from "./NoClass";

export default function MissScreen() {
  const { section, today } = useClassHere();
  if (today.isPending) return <Loading />;
  return section ? <OfClass section={section.id} /> : <NoClass />;
}

function OfClass({ section }: { section: number }) {
  const [search] = useSearchParams();
  const lab = Number(search.get("lab")) || undefined;
  const food = search.get("food") ?? undefined;
  const page = $api.useQuery("get", "/api/sections/{section}/misses", {
    params: { path: { section }, query: { ...(lab && { lab }), ...(food && { food }) } },
  });
  if (page.data) return <MissPage page={page.data} />;
  if (page.isPending) return <Loading />;
  return <ProblemNote error={page.error} retry={page.refetch} />;
}
