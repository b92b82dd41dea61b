import { type QueryClient, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import client, { body, type Schemas } from "../api/client";

export type Session = Schemas["Session"];
const KEY = ["session"];

/** Who is signed in here. Asking also brings the token that changes need. */
export const useSession = () =>
  useQuery({ queryKey: KEY, queryFn: () => body(client.GET("/api/session")), staleTime: 60_000 });

/** The server says that nobody is signed in any more: every frame that asks who is there shall know at once. */
export const forgetSession = (queries: QueryClient) =>
  queries.setQueryData<Session>(KEY, { kind: "nobody", name: null, school: null });

/** For every way in: once somebody is in, all that was fetched for someone else is dropped. */
export function useEntering<Input>(enter: (input: Input) => Promise<Session>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: enter,
    onSuccess: (session) => {
      queries.clear();
      queries.setQueryData(KEY, session);
    },
  });
}

export function useSignOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => void (await client.DELETE("/api/session")),
    onSettled: () => queries.clear(),
  });
}
