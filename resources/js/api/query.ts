import { type UseMutationResult, useQueryClient } from "@tanstack/react-query";
import type { FetchResponse, MaybeOptionalInit } from "openapi-fetch";
import createHooks from "openapi-react-query";
import type { HttpMethod, PathsWithMethod } from "openapi-typescript-helpers";
import { useRef, useState } from "react";
import client, { asProblem, type Problem } from "./client";
import type { paths } from "./schema";

/** Queries typed by the contract: paths, what they are asked with, and what they answer. Their keys are made from those, too. */
export const $api = createHooks(client);

type Asked<M extends HttpMethod, P extends PathsWithMethod<paths, M>> = MaybeOptionalInit<paths[P], M & keyof paths[P]>;
type Answer<M extends HttpMethod, P extends PathsWithMethod<paths, M>> = Required<
  // biome-ignore lint/suspicious/noExplicitAny: as openapi-fetch itself names a path's operation
  FetchResponse<paths[P][M & keyof paths[P]] & Record<string | number, any>, Asked<M, P>, "application/json">
>["data"];

type Sending<M extends HttpMethod, P extends PathsWithMethod<paths, M>> = {
  /** Sends it, unless the same is on its way already: a double click makes one thing. */
  send: (asked: Asked<M, P>, done?: (answer: Answer<M, P>) => unknown) => void;
  /** Whether it may be done, which is told as if it had been sent; nothing is done yet. */
  may: (asked: Asked<M, P>) => Promise<boolean>;
  isPending: boolean;
  /** The last answer, also while the next is on its way: what stands on it does not move under a finger that is pressing. */
  data: Answer<M, P> | undefined;
  /** what the server refused, and why */
  problem: Problem | undefined;
  /** why it refused this very field */
  at: (field: string) => string | undefined;
  /** one sentence, whatever it is about */
  says: string | undefined;
  reset: () => void;
};

type Options<M extends HttpMethod, P extends PathsWithMethod<paths, M>> = {
  onSuccess?: (answer: Answer<M, P>, asked: Asked<M, P>) => unknown;
  onSettled?: () => unknown;
};

const ONLY_ASK = { ask: "first" };
const isOnlyAsked = (asked: unknown) =>
  (asked as { params?: { query?: unknown } } | undefined)?.params?.query === ONLY_ASK;

/** Something that changes what the server has: one after the other, and never the same twice at once; its refusals by field. */
export function useSend<M extends HttpMethod, P extends PathsWithMethod<paths, M>>(
  method: M,
  path: P,
  options: Options<M, P> = {},
): Sending<M, P> {
  const onTheirWay = useRef(new Set<string>());
  const sending = $api.useMutation(method, path as never, {
    scope: { id: `${method} ${path}` },
    onSuccess: ((answer: Answer<M, P>, asked: Asked<M, P>) =>
      isOnlyAsked(asked) ? undefined : options.onSuccess?.(answer, asked)) as never,
    onSettled: (_: unknown, __: unknown, asked: unknown) => {
      onTheirWay.current.delete(JSON.stringify(asked));
      return options.onSettled?.();
    },
  }) as unknown as UseMutationResult<Answer<M, P>, unknown, Asked<M, P>>;
  const problem = sending.isError ? asProblem(sending.error) : undefined;
  const [last, setLast] = useState(sending.data);
  if (!sending.isPending && sending.data !== last) setLast(sending.data);
  return {
    send: (asked, done) => {
      const one = JSON.stringify(asked);
      if (onTheirWay.current.has(one)) return;
      onTheirWay.current.add(one);
      sending.mutate(asked, { onSuccess: (answer) => done?.(answer) });
    },
    may: (asked) =>
      sending.mutateAsync({ ...asked, params: { ...asked?.params, query: ONLY_ASK } } as never).then(
        () => true,
        () => false,
      ),
    isPending: sending.isPending,
    data: sending.isPending ? last : sending.data,
    problem,
    at: (field) => problem?.fields[field]?.[0],
    says: problem && (Object.values(problem.fields)[0]?.[0] ?? problem.message),
    reset: sending.reset,
  };
}

/** What is to be asked again, after a change. */
export function useRefresh() {
  const queries = useQueryClient();
  return {
    of: (...changed: PathsWithMethod<paths, "get">[]) =>
      Promise.all(changed.map((path) => queries.invalidateQueries({ queryKey: ["get", path] }))),
    all: () => queries.invalidateQueries(),
    /**
     * An answer that is at hand already. One asked for meanwhile may be older than it, or tell of what others did since: it is not
     * waited for, and asked for again. `sent` is when that which was answered went off.
     */
    keep: <Data>({ queryKey }: { queryKey: readonly unknown[] }, answer: Data, sent = Date.now()) => {
      const isMeanwhile =
        queries.isFetching({ queryKey, exact: true }) > 0 ||
        (queries.getQueryState(queryKey)?.dataUpdatedAt ?? 0) > sent;
      if (!isMeanwhile) return void queries.setQueryData(queryKey, answer);
      void queries.cancelQueries({ queryKey, exact: true }).then(() => {
        queries.setQueryData(queryKey, answer);
        return queries.invalidateQueries({ queryKey, exact: true });
      });
    },
  };
}

/** What a call's body holds. */
export type Body<M extends "post" | "put", P extends PathsWithMethod<paths, M>> = paths[P][M] extends {
  requestBody: { content: { "application/json": infer Json } };
}
  ? Json
  : never;
