import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

type Call = { url: string; body: unknown };
const calls: Call[] = [];
/** What the network does with the next requests, one after the other; then it answers as the server would. */
let script: (() => Response | Promise<Response>)[] = [];
const json = (status: number, body: unknown) => new Response(JSON.stringify(body), { status });
const idOf = (url: string) => url.split("/").at(-1);

beforeEach(async () => {
  vi.resetModules();
  calls.length = 0;
  script = [];
  vi.stubGlobal("indexedDB", new IDBFactory());
  vi.stubGlobal("fetch", async (request: Request) => {
    const url = new URL(request.url).pathname;
    calls.push({ url, body: await request.json() });
    return (script.shift() ?? (() => json(200, { id: idOf(url), work: { at: url } })))();
  });
});
afterEach(() => vi.unstubAllGlobals());

const outbox = async () => {
  const { belongsTo, flush, forget, post } = await import("../../resources/js/outbox/outbox");
  const { kept } = await import("../../resources/js/outbox/store");
  belongsTo("station 1");
  const send = (id: string, owner = "station 1") => post({ id, url: `/api/events/${id}`, body: { what: id }, owner });
  return { send, flush, forget, kept, belongsTo };
};

describe("the outbox", () => {
  it("forgets what the server has stored under its own id", async () => {
    const { send, kept } = await outbox();
    expect(await send("a")).toEqual({
      state: "sent",
      at: expect.any(Number),
      answer: { id: "a", work: { at: "/api/events/a" } },
    });
    expect(await kept()).toEqual([]);
  });

  it.each([
    ["a sign-in page", () => new Response("<html>Welcome to the school's network</html>", { status: 200 })],
    ["another's answer", () => json(200, { id: "somebody-else" })],
    ["no network", () => Promise.reject(new TypeError("gone"))],
    ["a broken server", () => json(502, {})],
    ["a server that is busy", () => json(429, { message: "Slow down." })],
  ])("keeps what met %s, and sends it later", async (_, answer) => {
    const { send, flush, kept } = await outbox();
    script = [answer];
    expect(await send("a")).toEqual({ state: "kept" });
    expect((await kept()).map((one) => one.id)).toEqual(["a"]);
    await flush();
    expect(await kept()).toEqual([]);
    expect(calls).toHaveLength(2);
    expect(calls[1]).toEqual(calls[0]);
  });

  it.each([
    ["refused for who sends it", 403],
    ["too large for a proxy on the way", 413],
  ])("keeps what is %s, to be read: it may be the only copy", async (_, status) => {
    const { send, flush, kept } = await outbox();
    script = [() => json(status, { message: "No." })];
    expect(await send("a")).toMatchObject({ state: "refused" });
    expect(await kept()).toMatchObject([{ id: "a", refused: "No." }]);
    await flush();
    expect(calls).toHaveLength(1); // it is not sent again by itself
  });

  it("keeps its order when the device's clock is set back", async () => {
    const { send, kept } = await outbox();
    const away = () => Promise.reject(new TypeError("gone"));
    script = [away, away, away, away, away, away];
    const clock = vi.spyOn(Date, "now").mockReturnValue(2_000_000_000_000);
    await send("first");
    clock.mockReturnValue(1_000_000_000_000);
    await send("second");
    await send("third");
    clock.mockRestore();
    expect((await kept()).map((one) => one.id)).toEqual(["first", "second", "third"]);
  });

  it("sends in order: nothing overtakes what waits", async () => {
    const { send, flush, kept } = await outbox();
    const away = () => Promise.reject(new TypeError("gone"));
    script = [away, away, away];
    await send("a");
    await send("b");
    await send("c");
    await vi.waitFor(async () => {
      await flush();
      expect(await kept()).toEqual([]);
    });
    expect(calls.map((one) => idOf(one.url))).toEqual(["a", "a", "a", "a", "b", "c"]);
  });

  it("hands a refusal back to whoever waits for it, and keeps it for them when nobody does", async () => {
    const { send, flush, forget, kept } = await outbox();
    const refused = () => json(422, { message: "No.", errors: { grams: ["That is no number."] } });
    script = [refused];
    const told = await send("a");
    expect(told).toMatchObject({
      state: "refused",
      problem: { status: 422, fields: { grams: ["That is no number."] } },
    });
    expect(await kept()).toEqual([]);

    script = [() => Promise.reject(new TypeError("gone")), refused];
    expect(await send("b")).toEqual({ state: "kept" });
    await vi.waitFor(async () => {
      await flush();
      expect(await kept()).toMatchObject([{ id: "b", refused: "No." }]);
    });
    await flush();
    expect(calls.filter((one) => idOf(one.url) === "b")).toHaveLength(2); // not asked a third time
    await forget("b");
    expect(await kept()).toEqual([]);
  });

  it("never sends somebody else's", async () => {
    const { send, flush, kept, belongsTo } = await outbox();
    script = [() => Promise.reject(new TypeError("gone"))];
    await send("a");
    belongsTo("station 2");
    await flush();
    expect(calls).toHaveLength(1);
    expect((await kept()).map((one) => one.id)).toEqual(["a"]);
    belongsTo("station 1");
    await flush();
    expect(await kept()).toEqual([]);
  });

  it("tells a signed-out station so, and keeps what it has", async () => {
    const { send, kept } = await outbox();
    script = [() => json(401, { message: "Sign in again." })];
    expect(await send("a")).toMatchObject({ state: "refused", problem: { status: 401 } });
    expect((await kept()).map((one) => one.id)).toEqual(["a"]);
  });
});
