import "../../css/prepare.css";
import "../../css/review.css";
import { keepPreviousData } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import NoClass from "./NoClass";
import TermPage from "./TermPage";

/** Looking back: what a class's weigh-ins say. */
export default function ReviewScreen() {
  const { section, today } = useClassHere();
  if (today.isPending) return <Loading />;
  return section ? <OfClass key={section.id} section={section.id} /> : <NoClass />;
}

function OfClass({ section }: { section: number }) {
  const [search] = useSearchParams();
  const lab = Number(search.get("lab")) || null;
  const food = search.get("food") || null;
  const from = search.get("from") || null;
  const page = $api.useQuery(
    "get",
    "/api/sections/{section}/review",
    { params: { path: { section }, query: { ...(lab && { lab }), ...(food && { food }), ...(from && { from }) } } },
    { placeholderData: keepPreviousData },
  );
  if (page.data) return <TermPage page={page.data} />;
  if (page.isPending) return <Loading />;
  return <ProblemNote error={page.error} retry={page.refetch} />;
}
