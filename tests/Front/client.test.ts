import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import client, { asProblem, body, Problem, send } from "../../resources/js/api/client";
import { startWords } from "../../resources/js/i18n/i18n";
import { json, server } from "./render";

beforeAll(() => startWords());
let api: ReturnType<typeof server>;
beforeEach(() => {
  api = server();
  // biome-ignore lint/suspicious/noDocumentCookie: the server would set it
  document.cookie = "XSRF-TOKEN=old%3Dtoken; path=/";
});
afterEach(() => vi.unstubAllGlobals());

const problemOf = (promise: Promise<unknown>) =>
  promise.then(
    () => null,
    (error) => asProblem(error),
  );

describe("asking the server", () => {
  it("says what it accepts, in which language, and shows the page's token", async () => {
    api.script.push(() => json(200, { kind: "nobody" }));
    await client.GET("/api/session");
    expect(api.calls[0]?.headers.get("Accept")).toBe("application/json");
    expect(api.calls[0]?.headers.get("X-XSRF-TOKEN")).toBe("old=token");
  });

  it("sends once more, with a new token, what was refused for its token alone", async () => {
    api.script.push(
      () => json(419, { message: "gone" }),
      () => {
        // biome-ignore lint/suspicious/noDocumentCookie: the server would set it
        document.cookie = "XSRF-TOKEN=new%3Dtoken; path=/";
        return json(200, {});
      },
      () => json(201, { id: 1 }),
    );
    await client.POST("/api/recipes", { body: { text: "1 cup sugar" } });
    expect(api.calls.map((call) => `${call.method} ${call.url}`)).toEqual([
      "POST /api/recipes",
      "GET /api/session",
      "POST /api/recipes",
    ]);
    expect(api.calls[2]?.body).toEqual({ text: "1 cup sugar" });
    expect(api.calls[2]?.headers.get("X-XSRF-TOKEN")).toBe("new=token");
  });

  it("is signed out when the new token is refused, too", async () => {
    api.script.push(
      () => json(419, { message: "You were signed out." }),
      () => json(200, {}),
      () => json(419, { message: "You were signed out." }),
    );
    const problem = await problemOf(client.POST("/api/recipes", { body: { text: "x" } }));
    expect(problem?.isSignedOut).toBe(true);
    expect(problem?.message).toBe("You were signed out.");
    expect(api.calls).toHaveLength(3); // and no more than that
  });

  it.each([
    [401, true],
    [419, true],
    [403, false],
    [422, false],
    [500, false],
    [0, false],
  ])("a %d is signed out: %s", (status, isOut) => expect(new Problem(status, "x").isSignedOut).toBe(isOut));

  it("tells a fault in words, even where the server has none", async () => {
    api.script.push(() => new Response("<html>oops</html>", { status: 500 }));
    const problem = await problemOf(client.GET("/api/session"));
    expect(problem?.status).toBe(500);
    expect(problem?.message).not.toBe("");
  });

  it("has a body, or a problem", async () => {
    await expect(body(Promise.resolve({ data: { id: 1 } }))).resolves.toEqual({ id: 1 });
    await expect(body(Promise.resolve({ data: undefined }))).rejects.toBeInstanceOf(Problem);
  });

  it("makes a problem of whatever was thrown", () => {
    const known = new Problem(422, "No.");
    expect(asProblem(known)).toBe(known);
    expect(asProblem(new Error("broken"))).toMatchObject({ status: 0, message: "broken" });
    expect(asProblem("text")).toMatchObject({ status: 0, message: "text" });
  });
});

describe("storing under an id of one's own", () => {
  const stored = () => send("a", "/api/events/a", { kind: "help" });

  it("is done when the same id comes back", async () => {
    api.script.push(() => json(200, { id: "a", more: 1 }));
    await expect(stored()).resolves.toEqual({ id: "a", more: 1 });
    expect(api.calls[0]).toMatchObject({ method: "PUT", url: "/api/events/a", body: { kind: "help" } });
    expect(api.calls[0]?.headers.get("Content-Type")).toBe("application/json");
  });

  it.each([
    ["another's answer", () => json(200, { id: "b" })],
    ["no id", () => json(200, {})],
    ["nothing", () => json(200, null)],
    ["a page of somebody's network", () => new Response("<html>Sign in to the network</html>", { status: 200 })],
  ])("is not done by %s", async (_, answer) => {
    api.script.push(answer);
    expect((await problemOf(stored()))?.status).toBe(0);
  });

  it("is refused with the server's own words, by field", async () => {
    api.script.push(() => json(422, { message: "Too much.", errors: { grams: ["More than this scale can weigh."] } }));
    const problem = await problemOf(stored());
    expect(problem).toMatchObject({
      status: 422,
      message: "Too much.",
      fields: { grams: ["More than this scale can weigh."] },
    });
  });

  it("is kept when there is no network", async () => {
    api.script.push(() => Promise.reject(new TypeError("gone")));
    expect((await problemOf(stored()))?.status).toBe(0);
  });
});
