import { act } from "react";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { learn, startWords } from "../../resources/js/i18n/i18n";
import { type Board, byCell, cellKey } from "../../resources/js/lab/board";
import { type Part, plannedAt } from "../../resources/js/period/period";
import ChoiceField from "../../resources/js/practice/ChoiceField";
import NumberField from "../../resources/js/practice/NumberField";
import OrderField from "../../resources/js/practice/OrderField";
import type { Question } from "../../resources/js/practice/practice";
import { useAskingAgain, useLive } from "../../resources/js/shell/live";
import { forgetSession } from "../../resources/js/shell/session";
import { applyTheme, chooseTheme, isDark } from "../../resources/js/shell/theme";
import { hook, newQueries, render, settle } from "./render";

function Listens({ to }: { to: string }) {
  useLive(to, () => undefined);
  return null;
}

beforeAll(async () => {
  await startWords();
  await learn("bench");
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe("what a station is at by the plan", () => {
  const task = (what: string, station: number | null, start_s: number, end_s: number) => ({
    what,
    station,
    start_s,
    end_s,
  });
  const plan = {
    timeline: [
      task("set up", null, 0, 240),
      task("flour", 1, 300, 420),
      task("oats", 2, 300, 360),
      task("milk", 1, 480, 540),
    ],
  } as unknown as Part;
  const at = (station: number, s: number) =>
    plannedAt(plan, station, s).map((one) => (one as unknown as { what: string }).what);

  it.each([
    [1, 0, ["set up"]],
    [1, 239, ["set up"]],
    [1, 240, ["flour"]], // between two things, the one that comes
    [1, 300, ["flour"]],
    [1, 420, ["milk"]],
    [2, 310, ["oats"]],
    [2, 400, []], // nothing more comes
    [3, 100, ["set up"]],
    [3, 300, []],
  ])("station %d, %d s after the bell: %j", (station, s, what) => expect(at(station, s)).toEqual(what));
});

describe("the cells of the board", () => {
  it("hold a station's weighings of a line, first to last", () => {
    const weighing = (id: string, station_id: number, line_id: number) => ({ id, station_id, line_id });
    const board = { weighings: [weighing("a", 1, 7), weighing("b", 2, 7), weighing("c", 1, 7), weighing("d", 1, 8)] };
    const cells = byCell(board as unknown as Board);
    const ids = (station: number, line: number) => cells.get(cellKey(station, line))?.map((one) => one.id);
    expect(ids(1, 7)).toEqual(["a", "c"]);
    expect(ids(2, 7)).toEqual(["b"]);
    expect(ids(1, 8)).toEqual(["d"]);
    expect(ids(2, 8)).toBeUndefined();
    expect(cellKey(1, 12)).not.toBe(cellKey(11, 2));
  });
});

describe("answers to a question", () => {
  const question = {
    choices: [
      { id: "loosen", said: "Loosen it" },
      { id: "spoon", said: "Spoon it in" },
      { id: "sweep", said: "Sweep it level" },
    ],
    figure: {},
  } as unknown as Question;
  const press = (place: HTMLElement, text: string) =>
    act(() => [...place.querySelectorAll("button")].find((one) => one.textContent?.includes(text))?.click());

  it("are put in order by tapping, and taken back by tapping again", () => {
    let order: unknown;
    const field = (answer: unknown, marked?: { key: string[] }) => (
      <OrderField
        question={question}
        answer={answer as string[] | undefined}
        marked={marked}
        onAnswer={(next) => {
          order = next;
        }}
      />
    );
    const { place, again } = render(field(undefined));
    press(place, "Sweep it level");
    expect(order).toEqual(["sweep"]);
    again(field(order));
    press(place, "Loosen it");
    expect(order).toEqual(["sweep", "loosen"]);
    again(field(order));
    expect([...place.querySelectorAll("ol li")].map((one) => one.textContent)).toEqual([
      "1 Sweep it level",
      "2 Loosen it",
    ]);
    press(place, "1 Sweep it level");
    expect(order).toEqual(["loosen"]);
    again(field(["loosen"]));
    press(place, "1 Loosen it");
    expect(order).toBeUndefined(); // nothing is no answer
    again(field(["loosen"], { key: ["loosen", "spoon", "sweep"] }));
    expect(place.querySelectorAll("fieldset:disabled")).toHaveLength(2);
  });

  it("are one of several, and the right one is marked in words", () => {
    const chosen = vi.fn();
    const field = (answer?: string, marked?: { key: string[] }) => (
      <ChoiceField question={question} answer={answer} marked={marked} onAnswer={chosen} />
    );
    const { place, again } = render(field());
    press(place, "Spoon it in");
    expect(chosen).toHaveBeenCalledWith("spoon");
    again(field("spoon"));
    const pressed = () => [...place.querySelectorAll("button")].map((one) => one.getAttribute("aria-pressed"));
    expect(pressed()).toEqual(["false", "true", "false"]);
    again(field("spoon", { key: ["loosen"] }));
    expect(place.querySelectorAll(".p-key")).toHaveLength(1);
    expect(place.querySelector(".p-key")?.closest("button")?.textContent).toContain("Loosen it");
  });

  it("are a number with its fraction, by keys of its own", () => {
    let typed: unknown;
    const field = (answer: unknown) => (
      <NumberField
        question={question}
        answer={answer as string | undefined}
        marked={undefined}
        onAnswer={(next) => {
          typed = next;
        }}
      />
    );
    const { place, again } = render(field(undefined));
    press(place, "1");
    expect(typed).toBe("1");
    again(field(typed));
    press(place, "3⁄4");
    expect(typed).toBe("1 3/4");
    again(field(typed));
    act(() => (place.querySelector(".p-erase") as HTMLButtonElement).click());
    expect(typed).toBe("1 3/");
    again(field("1"));
    act(() => (place.querySelector(".p-erase") as HTMLButtonElement).click());
    expect(typed).toBeUndefined();
  });
});

describe("the live stream", () => {
  class Stream {
    static all: Stream[] = [];
    static readonly CLOSED = 2;
    readyState = 0;
    onopen = () => {};
    onerror = () => {};
    onmessage = (_: { data: string }) => {};
    closed = false;
    constructor(readonly url: string) {
      Stream.all.push(this);
    }
    close() {
      this.closed = true;
    }
  }
  beforeEach(() => {
    Stream.all = [];
    vi.stubGlobal("EventSource", Stream);
  });
  const listening = (stream: string | undefined, but?: string) => {
    const queries = newQueries();
    const asked = vi.spyOn(queries, "invalidateQueries").mockResolvedValue();
    const live = hook(() => useLive(stream, useAskingAgain("/api/work", but)), queries);
    return { live, asked, source: () => Stream.all.at(-1) as Stream };
  };

  it("asks again when it opens, and with each fact but one's own", () => {
    const { live, asked, source } = listening("/live/labs/1", "tick");
    expect(live.get()).toBe("polling");
    act(() => void source().onopen());
    expect(live.get()).toBe("live");
    expect(asked).toHaveBeenCalledExactlyOnceWith({ queryKey: ["get", "/api/work"] });
    act(() => void source().onmessage({ data: '{"what":"weighing-stored"}' }));
    act(() => void source().onmessage({ data: '{"what":"tick"}' }));
    expect(asked).toHaveBeenCalledTimes(2);
  });

  it("says that it is away, and listens again when it was refused", () => {
    vi.useFakeTimers();
    const { live, source } = listening("/live/labs/1");
    act(() => void source().onopen());
    act(() => void source().onerror()); // the browser itself tries again
    expect(live.get()).toBe("polling");
    act(() => void vi.advanceTimersByTime(20_000));
    expect(Stream.all).toHaveLength(1);
    source().readyState = Stream.CLOSED;
    act(() => void source().onerror());
    act(() => void vi.advanceTimersByTime(5_000));
    expect(Stream.all).toHaveLength(2);
    act(() => void source().onopen());
    expect(live.get()).toBe("live");
  });

  it("is not opened where there is none, and closed when the screen goes", () => {
    expect(listening(undefined).live.get()).toBe("polling");
    expect(Stream.all).toHaveLength(0);
    const { again } = render(<Listens to="/live/labs/1" />);
    again(<Listens to="/live/labs/2" />);
    expect(Stream.all.map((one) => [one.url, one.closed])).toEqual([
      ["/live/labs/1", true],
      ["/live/labs/2", false],
    ]);
    again(null);
    expect(Stream.all[1]?.closed).toBe(true);
  });
});

describe("light and dark", () => {
  beforeEach(() => {
    localStorage.clear();
    delete document.documentElement.dataset.theme;
  });
  const system = (dark: boolean) => vi.stubGlobal("matchMedia", () => ({ matches: dark }));

  it("is as the system says until somebody chooses, and then stays", () => {
    system(true);
    applyTheme();
    expect(document.documentElement.dataset.theme).toBeUndefined();
    expect(isDark()).toBe(true);
    system(false);
    expect(isDark()).toBe(false);
    chooseTheme(true);
    expect([document.documentElement.dataset.theme, isDark()]).toEqual(["cast-iron", true]);
    delete document.documentElement.dataset.theme;
    applyTheme();
    expect(isDark()).toBe(true);
    chooseTheme(false);
    system(true);
    expect([document.documentElement.dataset.theme, isDark()]).toEqual(["flour", false]);
  });
});

it("who is signed out is nobody at once, and the version stays", async () => {
  const queries = newQueries();
  forgetSession(queries);
  const [key] = queries.getQueryCache().getAll();
  expect(key?.state.data).toEqual({
    kind: "nobody",
    name: null,
    school: null,
    version: "",
    role: null,
    british: null,
    demo: false,
    to_set_up: false,
  });
  queries.setQueryData(key?.queryKey ?? [], {
    kind: "teacher",
    name: "A",
    school: "B",
    version: "0.10.0",
    role: "teacher",
    british: null,
    demo: true,
    to_set_up: false,
  });
  forgetSession(queries);
  await settle();
  expect(key?.state.data).toEqual({
    kind: "nobody",
    name: null,
    school: null,
    version: "0.10.0",
    role: null,
    british: null,
    demo: true,
    to_set_up: false,
  });
});
