import { QueryClientProvider } from "@tanstack/react-query";
import { act, type ReactNode } from "react";
import { createRoot, type Root } from "react-dom/client";
import { MemoryRouter, useLocation } from "react-router";
import { afterEach, expect, vi } from "vitest";
import { json, newQueries, settle } from "./render";

type Sent = { asked: string; query: Record<string, string>; body: unknown };
type Reply = unknown | ((sent: Sent) => Response | Promise<Response>);

const open: { root: Root; place: HTMLElement }[] = [];
afterEach(() => {
  for (const { root, place } of open.splice(0)) {
    act(() => root.unmount());
    place.remove();
  }
});

function Where({ told }: { told: (path: string) => void }) {
  const { pathname, search } = useLocation();
  told(pathname + search);
  return null;
}

/** No with a sentence for each field, as the server says it. */
export const refusal =
  (fields: Record<string, string>, status = 422, message = Object.values(fields)[0] ?? "No.") =>
  () =>
    json(status, {
      message,
      reason: "invalid",
      errors: Object.fromEntries(Object.entries(fields).map(([field, said]) => [field, [said]])),
    });

const setValue = (box: HTMLElement, value: string) => {
  const kind = Object.getPrototypeOf(box);
  Object.getOwnPropertyDescriptor(kind, "value")?.set?.call(box, value);
  const what = box instanceof HTMLSelectElement ? "change" : "input";
  box.dispatchEvent(new Event(what, { bubbles: true }));
};

/**
 * A screen with a server that answers by `METHOD /path`: an object, or what a function makes of the call. What it is asked without an
 * answer is 204, and kept in `sent` like all the rest.
 */
export async function page(what: ReactNode, answers: Record<string, Reply> = {}, at = "/") {
  const sent: Sent[] = [];
  vi.stubGlobal("fetch", async (asked: Request | string, init?: RequestInit) => {
    const request = typeof asked === "string" ? new Request(asked, init) : asked;
    const text = await request.clone().text();
    const url = new URL(request.url);
    const one = {
      asked: `${request.method} ${url.pathname}`,
      query: Object.fromEntries(url.searchParams),
      body: text === "" ? undefined : JSON.parse(text),
    };
    sent.push(one);
    const reply = answers[one.asked];
    if (reply === undefined) return new Response(null, { status: 204 });
    return typeof reply === "function" ? reply(one) : json(200, reply);
  });
  const place = document.body.appendChild(document.createElement("div"));
  const root = createRoot(place);
  open.push({ root, place });
  let where = at;
  const draw = (one: ReactNode) =>
    act(() =>
      root.render(
        <QueryClientProvider client={newQueries()}>
          <MemoryRouter initialEntries={[at]}>
            {one}
            <Where
              told={(path) => {
                where = path;
              }}
            />
          </MemoryRouter>
        </QueryClientProvider>,
      ),
    );
  draw(what);
  await settle();

  const nameOf = (one: Element) => one.getAttribute("aria-label") ?? one.textContent?.replace(/\s+/g, " ").trim() ?? "";
  const named = (query: string, name: string | RegExp) => {
    const all = [...place.querySelectorAll<HTMLElement>(query)];
    const found = all.find((one) => (typeof name === "string" ? nameOf(one) === name : name.test(nameOf(one))));
    return found ?? expect.fail(`there is no ${query} '${name}' among: ${all.map(nameOf).join(" · ")}`);
  };
  const box = (label: string | RegExp) => {
    const all = [...place.querySelectorAll<HTMLElement>("input, select, textarea")];
    const labelOf = (one: HTMLElement) =>
      one.getAttribute("aria-label") ?? one.closest("label")?.querySelector("span")?.textContent ?? "";
    const found = all.find((one) =>
      typeof label === "string" ? labelOf(one).trim() === label : label.test(labelOf(one).trim()),
    );
    return (found ?? expect.fail(`no box '${label}' among: ${all.map(labelOf).join(" · ")}`)) as HTMLInputElement;
  };
  const press = async (name: string | RegExp) => {
    act(() => (named("button", name) as HTMLButtonElement).click());
    await settle();
  };
  return {
    place,
    sent,
    press,
    /** What asks once: asked, and answered when it hears. */
    sure: async (name: string | RegExp, yes: string) => {
      await press(name);
      const later = vi.spyOn(Date, "now").mockReturnValue(Date.now() + 600);
      await press(yes);
      later.mockRestore();
    },
    /** calls that change something */
    changes: () => sent.filter(({ asked }) => !asked.startsWith("GET ")),
    where: () => where,
    text: () => place.textContent?.replace(/\s+/g, " ") ?? "",
    all: (query: string) =>
      [...place.querySelectorAll(query)].map((one) => one.textContent?.replace(/\s+/g, " ").trim() ?? ""),
    button: (name: string | RegExp) => named("button", name) as HTMLButtonElement,
    link: (name: string | RegExp) => named("a", name) as HTMLAnchorElement,
    box,
    type: (label: string | RegExp, value: string) => act(() => setValue(box(label), value)),
    leave: async (label: string | RegExp) => {
      act(() => void box(label).dispatchEvent(new FocusEvent("focusout", { bubbles: true })));
      await settle();
    },
    tick: async (label: string | RegExp) => {
      act(() => named("label", label).querySelector<HTMLInputElement>("input")?.click());
      await settle();
    },
    /** What stands in red, in order. */
    wrong: () => [...place.querySelectorAll(".wrong")].map((one) => one.textContent?.trim() ?? ""),
    again: async (one: ReactNode) => {
      draw(one);
      await settle();
    },
  };
}
