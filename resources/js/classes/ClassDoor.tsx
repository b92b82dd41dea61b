import "../../css/prepare.css";
import { Navigate } from "react-router";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useToday } from "../shell/useToday";
import NewClass from "./NewClass";

/** `/class`: the first class, or the place to make one. */
export default function ClassDoor() {
  const today = useToday();
  const first = today.data?.sections[0];
  if (today.isPending) return <Loading />;
  if (today.isError) return <ProblemNote error={today.error} retry={today.refetch} />;
  return first ? <Navigate to={`/class/${first.id}`} replace /> : <NewClass />;
}
