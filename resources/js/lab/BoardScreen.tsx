import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import Loading from "../shell/Loading";
import { useLive } from "../shell/live";
import ProblemNote from "../shell/ProblemNote";
import { boardOf } from "./board";
import Cups from "./Cups";
import { Desk } from "./desk";

/** A lab as it happens. */
export default function BoardScreen() {
  const { lab = "" } = useParams();
  const live = useLive(`/live/labs/${lab}`, "/api/labs/{lab}/board");
  const board = useQuery({
    ...boardOf(Number(lab)),
    refetchInterval: live === "live" ? 30_000 : 5000,
    refetchIntervalInBackground: true,
  });
  if (board.data) {
    return (
      <Desk lab={board.data.lab.id}>
        <Cups board={board.data} live={live} />
      </Desk>
    );
  }
  if (board.isPending) return <Loading />;
  return <ProblemNote error={board.error} retry={board.refetch} />;
}
