import { type QueryClient, useMutation, useQueryClient } from "@tanstack/react-query";
import client, { type Schemas } from "../api/client";
import { $api } from "../api/query";
import { settleDecimal } from "../kit/numbers";
import { forgetTexts } from "../kit/useKeptText";
import { forgetPrint } from "../kit/useLargePrint";
import { forgetVoice } from "../kit/useReadAloud";

export type Session = Schemas["Session"];
const KEY = $api.queryOptions("get", "/api/session").queryKey;

/** Who is signed in here. Asking also brings the token that changes need. */
export const useSession = () => $api.useQuery("get", "/api/session", {}, { staleTime: 60_000 });

/** The server says that nobody is signed in any more: every frame that asks who is there shall know at once. */
export const forgetSession = (queries: QueryClient) =>
  queries.setQueryData<Session>(KEY, (was) => ({
    kind: "nobody",
    name: null,
    school: null,
    version: was?.version ?? "",
    role: null,
    british: null,
    demo: was?.demo ?? false,
    to_set_up: false,
  }));

/**
 * For every way in: once somebody is in, all that was fetched for someone else is dropped. What was asked before is called back first:
 * each answer brings its session's cookie, so one that comes late would put them out again.
 */
export function useEntering<Input>(enter: (input: Input) => Promise<Session>) {
  const queries = useQueryClient();
  return useMutation({
    scope: { id: "entering" }, // a second try waits for the first: whose answer came last would be who is in
    mutationFn: async (input: Input) => {
      await queries.cancelQueries();
      return enter(input);
    },
    onSuccess: (session) => {
      forgetPrint();
      forgetVoice();
      forgetTexts();
      settleDecimal(null);
      queries.clear();
      queries.setQueryData(KEY, session);
    },
  });
}

export function useSignOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => void (await client.DELETE("/api/session")),
    onSettled: () => {
      forgetPrint();
      forgetVoice();
      forgetTexts();
      settleDecimal(null);
      queries.clear();
    },
  });
}
