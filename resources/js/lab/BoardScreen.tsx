import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Navigate, useParams } from "react-router";
import Loading from "../shell/Loading";
import { useLive } from "../shell/live";
import ProblemNote from "../shell/ProblemNote";
import { type Board, type BoardChange, boardOf, withChange } from "./board";
import Cups from "./Cups";
import { Desk } from "./desk";

/** A lab as it happens. */
export default function BoardScreen() {
  const { lab = "" } = useParams();
  const queries = useQueryClient();
  const query = boardOf(Number(lab));
  const live = useLive(`/live/labs/${lab}`, (fact) => {
    if (fact?.change)
      queries.setQueryData<Board>(query.queryKey, (was) => was && withChange(was, fact.change as BoardChange));
    else void queries.invalidateQueries({ queryKey: query.queryKey });
  });
  const board = useQuery({
    ...query,
    refetchInterval: live === "live" ? false : 5000,
    refetchIntervalInBackground: true,
  });
  if (board.data?.lab.tools) return <Navigate to="tools" replace />;
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
