import { Navigate } from "react-router";
import { asProblem } from "../api/client";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";

/** In place of a page that is not there yet, or will not come. */
export default function PrintWaiting({ error, retry }: { error: unknown; retry: () => void }) {
  if (!error) return <Loading />;
  return asProblem(error).isSignedOut ? (
    <Navigate to="/sign-in" replace />
  ) : (
    <ProblemNote error={error} retry={retry} />
  );
}
