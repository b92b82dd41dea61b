import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useToday } from "../shell/useToday";
import ClassDay from "./ClassDay";

export default function Today() {
  const today = useToday();
  if (today.data) return <ClassDay today={today.data} />;
  if (today.isPending) return <Loading />;
  return <ProblemNote error={today.error} retry={today.refetch} />;
}
