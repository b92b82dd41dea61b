import { useQuery } from "@tanstack/react-query";
import { act } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useRefresh, useSend } from "../../resources/js/api/query";
import { useKitchenQuery, workQuery } from "../../resources/js/weigh/kitchen";
import { hook, json, later, newQueries, server, settle } from "./render";

let api: ReturnType<typeof server>;
beforeEach(() => {
  api = server();
});
afterEach(() => vi.unstubAllGlobals());

const recipe = (text: string) => ({ body: { text } });

describe("what changes something", () => {
  it("goes once, however often it is pressed, and may go again when it is through", async () => {
    const first = later<Response>();
    api.script.push(() => first.promise);
    const done = vi.fn();
    const sending = hook(() => useSend("post", "/api/recipes"));
    act(() => {
      for (let press = 0; press < 3; press++) sending.get().send(recipe("1 cup sugar"), done);
    });
    await settle();
    expect(api.calls).toHaveLength(1);
    expect(sending.get().isPending).toBe(true);
    first.answer(json(201, { id: 7 }));
    await settle();
    expect(sending.get().isPending).toBe(false);
    expect(done).toHaveBeenCalledExactlyOnceWith({ id: 7 });
    act(() => sending.get().send(recipe("1 cup sugar"), done));
    await settle();
    expect(api.calls).toHaveLength(2);
  });

  it("keeps the last answer in sight while the next is on its way: nothing moves under the finger that is pressing", async () => {
    const second = later<Response>();
    api.script.push(() => json(201, { id: 1 }));
    api.script.push(() => second.promise);
    const sending = hook(() => useSend("post", "/api/recipes"));
    act(() => sending.get().send(recipe("first")));
    await settle();
    act(() => sending.get().send(recipe("second")));
    await settle();
    expect(sending.get().isPending).toBe(true);
    expect(sending.get().data).toEqual({ id: 1 });
    second.answer(json(422, { message: "No.", errors: { text: ["No."] } }));
    await settle();
    expect(sending.get().data).toBeUndefined(); // what was so before says nothing of this
    act(() => sending.get().reset());
    expect(sending.get().data).toBeUndefined();
  });

  it("goes one after the other, in the order pressed", async () => {
    const first = later<Response>();
    api.script.push(() => first.promise);
    const sending = hook(() => useSend("post", "/api/recipes"));
    act(() => {
      sending.get().send(recipe("first"));
      sending.get().send(recipe("second"));
    });
    await settle();
    expect(api.calls.map((call) => call.body)).toEqual([{ text: "first" }]);
    first.answer(json(201, { id: 1 }));
    await settle();
    await settle();
    expect(api.calls.map((call) => call.body)).toEqual([{ text: "first" }, { text: "second" }]);
  });

  it("tells each field why it was refused, and one sentence for all", async () => {
    api.script.push(() =>
      json(422, { message: "Two faults.", errors: { text: ["Paste a recipe first."], title: ["Too long."] } }),
    );
    const sending = hook(() => useSend("post", "/api/recipes"));
    act(() => sending.get().send(recipe("")));
    await settle();
    expect(sending.get().at("text")).toBe("Paste a recipe first.");
    expect(sending.get().at("title")).toBe("Too long.");
    expect(sending.get().at("note")).toBeUndefined();
    expect(sending.get().says).toBe("Paste a recipe first.");
    expect(sending.get().problem?.status).toBe(422);
    act(() => sending.get().reset());
    await settle();
    expect(sending.get().says).toBeUndefined();
    expect(sending.get().problem).toBeUndefined();
  });

  it("tells a refusal that is about no field, and a network that is not there", async () => {
    api.script.push(
      () => json(409, { message: "Another lab is open in this class.", reason: "another-lab-open" }),
      () => Promise.reject(new TypeError("no network")),
    );
    const sending = hook(() => useSend("post", "/api/labs/{lab}/open"));
    const asked = { params: { path: { lab: 3 } }, body: {} };
    act(() => sending.get().send(asked));
    await settle();
    expect(api.calls[0]).toMatchObject({ method: "POST", url: "/api/labs/3/open" });
    expect(sending.get().says).toBe("Another lab is open in this class.");
    act(() => sending.get().send(asked));
    await settle();
    expect(sending.get().problem?.status).toBe(0);
    act(() => sending.get().send(asked));
    await settle();
    expect(sending.get().problem).toBeUndefined(); // a fault does not stand in the way of the next try
  });

  it("tells its screen when it went well, and when it is through", async () => {
    const [well, through] = [vi.fn(), vi.fn()];
    const sending = hook(() => useSend("post", "/api/recipes", { onSuccess: well, onSettled: through }));
    api.script.push(() => json(422, { message: "No.", errors: {} }));
    act(() => sending.get().send(recipe("x")));
    await settle();
    expect([well.mock.calls.length, through.mock.calls.length]).toEqual([0, 1]);
    api.script.push(() => json(201, { id: 2 }));
    act(() => sending.get().send(recipe("x")));
    await settle();
    expect([well.mock.calls.length, through.mock.calls.length]).toEqual([1, 2]);
    expect(well.mock.calls[0]?.[0]).toEqual({ id: 2 });
  });
});

it("asks again for what has changed, and for nothing else", async () => {
  const queries = newQueries();
  const key = (path: string) => ["get", path, { params: { path: { lab: 1 } }, body: {} }];
  queries.setQueryData(key("/api/labs/{lab}/board"), { old: true });
  queries.setQueryData(key("/api/labs/{lab}/sheet"), { old: true });
  const refresh = hook(() => useRefresh(), queries);
  const stale = (path: string) => queries.getQueryState(key(path))?.isInvalidated;
  await act(() => refresh.get().of("/api/labs/{lab}/board"));
  expect([stale("/api/labs/{lab}/board"), stale("/api/labs/{lab}/sheet")]).toEqual([true, false]);
  act(() => refresh.get().keep({ queryKey: key("/api/labs/{lab}/board") }, { now: true }));
  expect(queries.getQueryData(key("/api/labs/{lab}/board"))).toEqual({ now: true });
  await act(() => refresh.get().all());
  expect(stale("/api/labs/{lab}/sheet")).toBe(true);
});

it("lets no answer come after it that was asked for before it", async () => {
  const queries = newQueries();
  const old = later<{ done: boolean }>();
  const queryKey = ["get", "/api/work"];
  const asked = queries.fetchQuery({ queryKey, queryFn: () => old.promise }).catch(() => "cancelled");
  const refresh = hook(() => useRefresh(), queries);
  act(() => refresh.get().keep({ queryKey }, { done: true }));
  old.answer({ done: false });
  await settle();
  await asked;
  expect(queries.getQueryData(queryKey)).toEqual({ done: true });
  expect(queries.getQueryState(queryKey)?.fetchStatus).toBe("idle");
});

describe("what others did while an answer was on its way", () => {
  const queryKey = ["get", "/api/work"];
  const asking = () => {
    const queries = newQueries();
    const answers = [{ taken: false }, { taken: true }];
    const queryFn = vi.fn(() => Promise.resolve(answers[Math.min(queryFn.mock.calls.length, 2) - 1]));
    const seen = hook(() => useQuery({ queryKey, queryFn }), queries);
    return { queries, queryFn, seen, refresh: hook(() => useRefresh(), queries) };
  };

  it("is asked for again, where it was being asked for", async () => {
    const { queries, queryFn, refresh } = asking();
    await settle();
    act(() => void queries.invalidateQueries({ queryKey })); // told of by the stream
    act(() => refresh.get().keep({ queryKey }, { taken: false })); // given before that, late
    await settle();
    await settle();
    expect(queries.getQueryData(queryKey)).toEqual({ taken: true });
    expect(queryFn).toHaveBeenCalledTimes(3);
  });

  it("is asked for again, where it had come in already", async () => {
    const { queries, queryFn, refresh } = asking();
    await settle();
    const sent = (queries.getQueryState(queryKey)?.dataUpdatedAt ?? 0) - 1;
    act(() => refresh.get().keep({ queryKey }, { taken: false }, sent));
    await settle();
    expect(queries.getQueryData(queryKey)).toEqual({ taken: true });
    expect(queryFn).toHaveBeenCalledTimes(2);
  });

  it("is nothing where nobody asked meanwhile", async () => {
    const { queries, queryFn, refresh } = asking();
    await settle();
    act(() => refresh.get().keep({ queryKey }, { taken: true }));
    await settle();
    expect(queries.getQueryData(queryKey)).toEqual({ taken: true });
    expect(queryFn).toHaveBeenCalledTimes(1);
  });
});

it("keeps what a station's own doing answered where its screens look", async () => {
  const queries = newQueries();
  api.script.push(() => json(200, { todo: [1, 2] }));
  const work = hook(() => useKitchenQuery("live"), queries);
  const refresh = hook(() => useRefresh(), queries);
  await settle();
  expect(work.get().data).toEqual({ todo: [1, 2] });
  act(() => refresh.get().keep(workQuery, { todo: [2] }));
  await settle();
  expect(work.get().data).toEqual({ todo: [2] });
});
