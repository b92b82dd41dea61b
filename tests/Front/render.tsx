import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, type ReactNode } from "react";
import { createRoot, type Root } from "react-dom/client";
import { MemoryRouter } from "react-router";
import { afterEach, vi } from "vitest";

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

const shown: { root: Root; place: HTMLElement }[] = [];
afterEach(() => {
  for (const { root, place } of shown.splice(0)) {
    act(() => root.unmount());
    place.remove();
  }
});

/** What a screen would draw, with a router and answers of its own around it. */
export function render(what: ReactNode, queries = newQueries()) {
  const place = document.body.appendChild(document.createElement("div"));
  const root = createRoot(place);
  shown.push({ root, place });
  const draw = (one: ReactNode) =>
    act(() =>
      root.render(
        <QueryClientProvider client={queries}>
          <MemoryRouter>{one}</MemoryRouter>
        </QueryClientProvider>,
      ),
    );
  draw(what);
  return { place, again: draw, queries };
}

export const newQueries = () => new QueryClient({ defaultOptions: { queries: { retry: false } } });

function Probe({ look }: { look: () => void }) {
  look();
  return null;
}

/** What a hook gives, now; looked at again after each act. */
export function hook<Value>(use: () => Value, queries?: QueryClient) {
  let now: Value | undefined;
  const { queries: own } = render(
    <Probe
      look={() => {
        now = use();
      }}
    />,
    queries,
  );
  return { get: () => now as Value, queries: own };
}

export type Call = { method: string; url: string; body: unknown; headers: Headers };

/** A server that answers as told; without a script, 204. What it was asked is kept. */
export function server() {
  const calls: Call[] = [];
  const script: ((call: Call) => Response | Promise<Response>)[] = [];
  vi.stubGlobal("fetch", async (asked: Request | string, init?: RequestInit) => {
    const request = typeof asked === "string" ? new Request(asked, init) : asked;
    const text = await request.clone().text();
    const call = {
      method: request.method,
      url: request.url.replace("http://kitchen.test", ""),
      body: text === "" ? undefined : JSON.parse(text),
      headers: request.headers,
    };
    calls.push(call);
    return (script.shift() ?? (() => new Response(null, { status: 204 })))(call);
  });
  return { calls, script };
}

export const json = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { "Content-Type": "application/json" } });

/** Something that is answered when the test says so. */
export function later<Value>() {
  let answer: (value: Value) => void = () => {};
  const promise = new Promise<Value>((resolve) => {
    answer = resolve;
  });
  return { promise, answer };
}

/** Lets all that is under way come to its end. */
export const settle = () =>
  act(async () => {
    for (let turn = 0; turn < 5; turn++) await new Promise((resolve) => setTimeout(resolve, 0));
  });
