import "../../css/prepare.css";
import { Navigate } from "react-router";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import NewClass from "./NewClass";

/** `/class`: the class in question, or the place to make one. */
export default function ClassDoor() {
  const { today, section } = useClassHere();
  if (today.isPending) return <Loading />;
  if (today.isError) return <ProblemNote error={today.error} retry={today.refetch} />;
  return section ? <Navigate to={`/class/${section.id}`} replace /> : <NewClass />;
}
