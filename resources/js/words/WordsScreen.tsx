import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import WordsPage from "./WordsPage";
import { useWordings } from "./words";
import "../../css/words.css";

export default function WordsScreen() {
  const asked = useWordings();
  if (asked.isPending) return <Loading />;
  if (!asked.data) return <ProblemNote error={asked.error} retry={asked.refetch} />;
  return <WordsPage wordings={asked.data} />;
}
