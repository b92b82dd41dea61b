import { act } from "react";
import { Route, Routes } from "react-router";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import BoardScreen from "../../resources/js/lab/BoardScreen";
import type { Board, BoardLine, Station, Weighing } from "../../resources/js/lab/board";
import Cups from "../../resources/js/lab/Cups";
import { Desk } from "../../resources/js/lab/desk";
import Owing from "../../resources/js/lab/Owing";
import { inOrder } from "../../resources/js/lab/Waiting";
import WhoMeasures from "../../resources/js/lab/WhoMeasures";
import PeriodScreen from "../../resources/js/period/PeriodScreen";
import type { Part, Plan } from "../../resources/js/period/period";
import { page, refusal } from "./page";
import { json, settle } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
});
beforeEach(async () => {
  localStorage.clear();
  await speak("en");
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
  delete document.documentElement.dataset.theme;
});

const line = (id: number, name: string, more: Partial<BoardLine> = {}): BoardLine => ({
  id,
  name,
  family: "fine-powder",
  steps: [
    { id: "loosen", text: "Loosen it" },
    { id: "sweep-level", text: "Sweep it level" },
  ],
  shared: false,
  stations: null,
  place: id,
  amount: "1 3/4 cups",
  target_g: 218.75,
  tolerance_g: 17.5,
  decimals: 0,
  tolerance_decimals: 1,
  working: ["1 3/4 cups at 125 g each is 218.75 g."],
  ...more,
});
const station = (id: number, name: string, more: Partial<Station> = {}): Station => ({
  id,
  name,
  students: [`Oona of ${name}`],
  members: [{ id: 10 * id, name: `Oona of ${name}`, away: false }],
  makes_up: false,
  turns: [],
  set_up: true,
  clean_up: false,
  heard: 0,
  measuring: [],
  ready_at: null,
  help_at: null,
  left: [7, 8],
  released: false,
  counted: false,
  stuck: null,
  last_at: null,
  out: [],
  dropped: [],
  foreign: [],
  timers: [],
  sent_back: [],
  checked: [],
  seen: [],
  notes: [],
  ...more,
});
const weighing = (id: string, station_id: number, more: Partial<Weighing> = {}): Weighing => ({
  before_set_up: false,
  put_right: null,
  first_try: false,
  id,
  line_id: 7,
  station_id,
  student: "Oona",
  attempt: 1,
  verdict: "heaped",
  grams: 239,
  decimals: 0,
  error_g: 20.25,
  error_pct: 9.3,
  tolerances: 1.16,
  scale_u_g: 0.8,
  at: "2026-11-27T16:30:00Z",
  source: "typed",
  scale_checked: true,
  together: 1,
  predicted: null,
  corrected: false,
  ...more,
});
const board = (more: Partial<Board> = {}): Board => ({
  lab: {
    id: 2,
    title: "Oat buns",
    state: "open",
    opened_at: "2026-11-27T16:25:00Z",
    closed_at: null,
    paused: false,
    first_of_two: false,
    tools: false,
  },
  runs: true,
  section_id: 3,
  section: "Foods 1",
  time_zone: "America/Chicago",
  lines: [line(7, "Bread flour"), line(8, "Salt")],
  stations: [station(1, "Hazel"), station(2, "Rowan")],
  owe: [],
  scales: [],
  weighings: [],
  adults: [],
  totals: { level: 0, heaped: 0, shy: 0, too_close: 0 },
  ...more,
});
const weighed = (more: Partial<Board> = {}) =>
  board({
    weighings: [weighing("W1", 1, { grams: 239 }), weighing("W2", 1, { grams: 221, verdict: "level" })],
    ...more,
  });

const cups = (of: Board, answers: Record<string, unknown> = {}) =>
  page(
    <Desk lab={2}>
      <Cups board={of} live="live" />
    </Desk>,
    answers,
  );
const press = (key: string, on: EventTarget = window) =>
  act(async () => void on.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true })));
const cell = (place: HTMLElement, at: string) => place.querySelector(`[data-cell="${at}"]`) as HTMLButtonElement;
const events = (screen: Awaited<ReturnType<typeof page>>) =>
  screen
    .changes()
    .filter(({ asked }) => asked.startsWith("PUT /api/labs/2/events/"))
    .map(({ body }) => body);

describe("after a lab", () => {
  it("who has weighed nothing may make it up, and goes back to their seat", async () => {
    const owe = [
      { id: 11, name: "Oona", makes_up: false, lines: [] },
      { id: 12, name: "Ravi", makes_up: true, lines: [] },
    ];
    const screen = await page(<Owing board={board({ owe })} />);
    await screen.press("Let Oona make it up");
    await screen.press("Ravi goes back to their seat");
    expect(screen.changes().map(({ asked }) => asked)).toEqual([
      "PUT /api/labs/2/make-up/11",
      "DELETE /api/labs/2/make-up/12",
    ]);
    expect((await page(<Owing board={board()} />)).text()).toBe("");
  });
});

describe("the board", () => {
  it("has a cup for each station's each line, said whole", async () => {
    const screen = await cups(weighed());
    const said = [...screen.place.querySelectorAll(".cell")].map((one) => one.getAttribute("aria-label"));
    expect(said).toEqual([
      "Hazel, Bread flour: Level, 221 g, 2 weigh-ins",
      "Hazel, Salt: Not weighed",
      "Rowan, Bread flour: Not weighed",
      "Rowan, Salt: Not weighed",
    ]);
    expect(screen.all("thead .t")[0]).toBe("219 ±17.5 g");
  });

  it("counts only what counts: a wrong entry put right stays in the list and out of the tally", async () => {
    const screen = await cups(
      board({
        weighings: [weighing("W1", 1, { corrected: true }), weighing("W2", 1, { grams: 219, verdict: "level" })],
      }),
    );
    await press("ArrowDown", cell(screen.place, "0/0"));
    act(() => cell(screen.place, "0/0").click());
    expect(screen.all(".attempt")).toHaveLength(2);
    expect(screen.all(".attempt.is-corrected")[0]).toContain("(corrected)");
    expect(screen.place.querySelectorAll(".side .strip").length).toBe(1);
  });

  it("tells the marks of a weighing: together, by the practice scale, on a scale nobody checked; by the school's clock", async () => {
    const one = weighing("W1", 1, { together: 4, source: "practice", scale_checked: false });
    const screen = await cups(board({ weighings: [one] }));
    act(() => cell(screen.place, "0/0").click());
    expect(screen.all(".attempt")[0]).toContain("(4 together) (practice scale) (scale not checked)");
    expect(screen.all(".attempt")[0]).toMatch(/10:30/);
    expect(screen.all(".side .display + .num")).toEqual(["+20 g · +9.3%"]);
  });

  it("moves by arrows, stays inside, and takes what is open along", async () => {
    const screen = await cups(board());
    const here = () => screen.place.querySelector<HTMLElement>('.cell[tabindex="0"]')?.dataset.cell;
    expect(here()).toBe("0/0");
    for (const [key, to] of [
      ["ArrowLeft", "0/0"],
      ["ArrowRight", "0/1"],
      ["ArrowRight", "0/1"],
      ["ArrowDown", "1/1"],
      ["ArrowDown", "1/1"],
      ["Home", "1/0"],
      ["ArrowUp", "0/0"],
      ["End", "0/1"],
    ] as const) {
      await press(key, cell(screen.place, here() ?? ""));
      expect([key, here()]).toEqual([key, to]);
    }
    act(() => cell(screen.place, "0/1").click());
    expect(screen.all(".side h2")).toEqual(["Hazel"]);
    await press("ArrowDown", cell(screen.place, "0/1"));
    expect(screen.all(".side h2")).toEqual(["Rowan"]);
    await press("Escape", cell(screen.place, "1/1"));
    expect(screen.all(".side h2")).toEqual([]);
    expect(screen.text()).toContain("Nothing weighed yet");
  });

  it("is shown on the wall without names, and nothing opens there", async () => {
    document.documentElement.dataset.theme = "flour";
    const screen = await cups(weighed());
    await press("p");
    expect(document.documentElement.dataset.theme).toBe("cast-iron");
    expect(screen.text()).not.toContain("Oona");
    act(() => cell(screen.place, "0/0").click());
    expect(screen.place.querySelector(".side")).toBeNull();
    await screen.press(/^Stop projecting/);
    expect(document.documentElement.dataset.theme).toBe("flour");
    expect(screen.text()).toContain("Oona of Hazel");
  });

  it.each([
    ["open", "Live"],
    ["closed", "This lab is closed."],
    ["prepared", "This lab is not open yet."],
  ] as const)("of a lab that is %s says '%s'", async (state, says) => {
    const screen = await cups(board({ lab: { ...board().lab, state } }));
    expect(screen.text()).toContain(says);
  });
});

describe("what a teacher does about a line", () => {
  it.each<[Station["seen"], string]>([
    [[], "done"],
    [[{ line: 7, step: "loosen", seen: "done" }], "not-done"],
    [[{ line: 7, step: "loosen", seen: "not-done" }], "unseen"],
    [[{ line: 8, step: "loosen", seen: "done" }], "done"], // another line's
  ])("is ticked round: after %j comes %s", async (seen, next) => {
    const screen = await cups(board({ stations: [station(1, "Hazel", { seen })] }));
    act(() => cell(screen.place, "0/0").click());
    await press("1");
    await settle();
    expect(events(screen)).toEqual([
      { kind: "seen", detail: { step: "loosen", seen: next }, station_id: 1, line_id: 7 },
    ]);
  });

  it("lets it stand by A, and can take it back for eight seconds", async () => {
    vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout"], shouldAdvanceTime: true });
    const screen = await cups(weighed(), {});
    act(() => cell(screen.place, "0/0").click());
    await press("a");
    await vi.waitFor(() => expect(screen.all(".undo p")[0]).toContain("Hazel: Bread flour accepted."));
    const [first] = screen.changes();
    await press("z");
    await vi.waitFor(() => expect(events(screen)).toHaveLength(2));
    expect(events(screen)[1]).toEqual({
      kind: "undone",
      station_id: 1,
      detail: { event: first?.asked.split("/").at(-1) },
    });
    await vi.waitFor(() => expect(screen.all(".undo p")).toEqual([]));
  });

  it("sends it back with a reason, which B leads to; keys typed there do nothing else", async () => {
    const screen = await cups(weighed());
    act(() => cell(screen.place, "0/0").click());
    await press("b");
    const field = screen.box("Why send it back?");
    expect(document.activeElement).toBe(field);
    await press("a", field);
    await press("1", field);
    expect(events(screen)).toEqual([]);
    expect(screen.button(/^Send back/).disabled).toBe(true);
    screen.type("Why send it back?", "   ");
    expect(screen.button(/^Send back/).disabled).toBe(true);
    screen.type("Why send it back?", "Not level");
    await screen.press(/^Send back/);
    expect(events(screen)).toEqual([{ kind: "sent-back", detail: { reason: "Not level" }, station_id: 1, line_id: 7 }]);
    expect(screen.box("Why send it back?").value).toBe("");
  });

  it("shows what was decided instead of asking again", async () => {
    const checked = await cups(weighed({ stations: [station(1, "Hazel", { checked: [7] })] }));
    act(() => cell(checked.place, "0/0").click());
    expect(checked.text()).toContain("Checked: accepted.");
    expect(checked.all("button")).not.toContain("Let it stand A");
    const back = await cups(
      weighed({ stations: [station(1, "Hazel", { sent_back: [{ line: 7, reason: "Too full" }] })] }),
    );
    act(() => cell(back.place, "0/0").click());
    expect(back.text()).toContain("Sent back: Too full");
    expect(back.place.querySelector('[data-cell="0/0"].is-back')).not.toBeNull();
  });

  it("puts a wrong entry right under an id of its own each time", async () => {
    const screen = await cups(weighed(), { "PUT /api/labs/2/weighings/W2/correction": {} });
    act(() => cell(screen.place, "0/0").click());
    for (const grams of ["219", "218"]) {
      screen.type("Correct grams", grams);
      await screen.press("Correct it");
    }
    const bodies = screen.changes().map(({ body }) => body as { id: string; grams: string });
    expect(bodies.map(({ grams }) => grams)).toEqual(["219", "218"]);
    expect(bodies[0]?.id).not.toBe(bodies[1]?.id);
  });

  it("keeps a refused correction and its id, so that it is stored once", async () => {
    const screen = await cups(weighed(), {
      "PUT /api/labs/2/weighings/W2/correction": refusal({ grams: "No scale here shows that." }),
    });
    act(() => cell(screen.place, "0/0").click());
    screen.type("Correct grams", "99999");
    await screen.press("Correct it");
    await screen.press("Correct it");
    expect(screen.wrong()).toEqual(["No scale here shows that."]);
    expect(screen.box("Correct grams").value).toBe("99999");
    const ids = new Set(screen.changes().map(({ body }) => (body as { id: string }).id));
    expect(ids.size).toBe(1);
  });

  it("asks for causes of a miss only", async () => {
    const causes = "/api/labs/2/weighings/W1/causes";
    const row = {
      id: "dipped" as const,
      said: "The cup was dipped",
      likely: "most likely",
      p: 0.7,
      range: "230 to 250 g",
      tell: "Packed at the bottom",
      next: "Spoon it in",
      guessed: false,
    };
    const answer = { asks_first: false, guess: null, choices: [], causes: [row], none: null, consequence: "Dry buns." };
    const missed = await cups(board({ weighings: [weighing("W1", 1)] }), { [`GET ${causes}`]: answer });
    act(() => cell(missed.place, "0/0").click());
    await settle();
    expect(missed.all(".c-said")).toEqual(["The cup was dipped"]);
    expect(missed.text()).toContain("Dry buns.");
    for (const verdict of ["level", "too-close"] as const) {
      const fine = await cups(board({ weighings: [weighing("W1", 1, { verdict })] }), { [`GET ${causes}`]: answer });
      act(() => cell(fine.place, "0/0").click());
      await settle();
      expect(fine.sent.map(({ asked }) => asked)).not.toContain(`GET ${causes}`);
    }
  });

  it("is nothing once the lab is closed, but to look", async () => {
    const screen = await cups(weighed({ lab: { ...board().lab, state: "closed" } }));
    act(() => cell(screen.place, "0/0").click());
    await press("a");
    await press("1");
    expect(events(screen)).toEqual([]);
    expect(screen.place.querySelector(".panel-acts, .observations, .panel-correct")).toBeNull();
  });
});

describe("what a teacher does about a station", () => {
  const GATE = "GET /api/labs/2/stations/1/gate";
  const open = async (one: Station, more: Partial<Board> = {}, answers = {}) => {
    const screen = await cups(board({ stations: [one, station(2, "Rowan")], ...more }), answers);
    await screen.press("Hazel");
    return screen;
  };

  it("releases it by A or by its button, and can close it again", async () => {
    const look = { rows: [], fine: [7, 8], open: [], still: null, consequences: [] };
    const screen = await open(station(1, "Hazel", { ready_at: 100, left: [] }), {}, { [GATE]: look });
    await screen.press("Teacher check");
    await settle();
    expect(screen.button(/^Let Hazel mix/).className).toContain("btn-primary");
    await press("a");
    await settle();
    await screen.press(/^Let Hazel mix/);
    expect(events(screen)).toEqual([
      { kind: "released", station_id: 1 },
      { kind: "released", station_id: 1 },
    ]);
    const released = await open(station(1, "Hazel", { released: true }));
    await released.press("Close them again");
    expect(events(released)).toEqual([{ kind: "closed-again", station_id: 1 }]);
  });

  it("sees what is left, sent back and out, each once", async () => {
    const screen = await open(
      station(1, "Hazel", { left: [7, 8], sent_back: [{ line: 8, reason: "A spoon too many" }], out: [7], help_at: 5 }),
    );
    expect(screen.all(".side li").slice(0, 3)).toEqual([
      "Bread flour: not weighed",
      "Salt, sent back: A spoon too many",
      "Has from the shelf: Bread flourIt is back",
    ]);
    await screen.press("It is back");
    await screen.press("Put the hand down");
    expect(events(screen)).toEqual([
      { kind: "returned", line_id: 7, station_id: 1 },
      { kind: "help-over", station_id: 1 },
    ]);
    const done = await open(station(1, "Hazel", { left: [] }));
    expect(done.text()).toContain("Everything is weighed.");
  });

  it("keeps a note, and counts the tools back once the station is clean", async () => {
    const screen = await open(station(1, "Hazel", { clean_up: true, notes: [{ at: 1795797000, text: "Good hands" }] }));
    expect(screen.text()).toContain("Good hands");
    expect(screen.button("Keep it").disabled).toBe(true);
    screen.type("A note on this station", "Ask about the salt");
    await screen.press("Keep it");
    await screen.press("Tools counted back");
    expect(events(screen)).toEqual([
      { kind: "note", detail: { text: "Ask about the salt" }, station_id: 1 },
      { kind: "counted", station_id: 1 },
    ]);
    const counted = await open(station(1, "Hazel", { clean_up: true, counted: true }));
    expect(counted.text()).toContain("Tools are counted back.");
  });

  it("looks at what is open first: one tap sends it back, and mixing all the same is asked once", async () => {
    const row = { line_id: 7, why: "miss", cause: "Dipped", tell: "Look", finer: null, reason: "20 g over: again." };
    const look = {
      rows: [row, { ...row, line_id: 8, why: "not-weighed" }],
      fine: [],
      open: [7, 8],
      still: "Still open.",
      consequences: ["It turns dry."],
    };
    const screen = await open(
      station(1, "Hazel", { ready_at: 100 }),
      { weighings: [weighing("a", 1)] },
      { [GATE]: look },
    );
    await screen.press(/^Hazel: ready/);
    await settle();
    expect(screen.all(".gate-row h3")).toEqual(["Bread flour 1 3⁄4 cups"]);
    expect(screen.all(".gate-foot > div:first-child")[0]).toContain("Still open.It turns dry.Not looked at yet");
    await screen.press("Send back: Bread flour");
    await screen.press(/^Let them mix with 2 open/);
    await screen.press("Yes, let them mix"); // a double click
    await press("b");
    await settle();
    const back = { kind: "sent-back", station_id: 1, line_id: 7, detail: { reason: "20 g over: again." } };
    expect(events(screen)).toEqual([back, back]);
    await screen.sure("Yes, let them mix", "Yes, let them mix");
    expect(events(screen).at(-1)).toEqual({ kind: "released", station_id: 1, detail: { open: 2 } });
    await press("Escape");
    expect(screen.place.querySelector(".gate")).toBeNull();
  });

  it("says in words what the server would not write down", async () => {
    const screen = await cups(board({ stations: [station(1, "Hazel", { help_at: 900 })] }));
    await screen.press("Hazel");
    const no = refusal({ station_id: "This station left." });
    vi.stubGlobal("fetch", async () => no());
    await screen.press("Put the hand down");
    expect(screen.wrong()).toEqual(["This station left."]);
    expect(screen.all(".undo p")).toEqual([]);
  });
});

describe("who waits", () => {
  it("stands longest first; H goes round, those who are stuck after them", async () => {
    vi.useFakeTimers({ toFake: ["Date"] });
    vi.setSystemTime(1_000_000);
    const stations = [
      station(1, "Hazel", { help_at: 900 }),
      station(2, "Rowan", { ready_at: 700 }),
      station(3, "Maple", { stuck: { why: "misses", line: 8 } }),
      station(4, "Alder", { stuck: { why: "quiet", line: null }, help_at: 990 }),
      station(5, "Elm", { timers: [{ id: "t", label: "oven", ends_at: 999 }] }),
      station(6, "Ash", { timers: [{ id: "u", label: "rest", ends_at: 1001 }] }),
    ];
    const of = board({ stations });
    expect(inOrder(of).map(({ station, what }) => `${station.name} ${what}`)).toEqual([
      "Rowan readyFor",
      "Hazel handUp",
      "Alder handUp",
    ]);
    const screen = await cups(of);
    expect(screen.all(".waiting li")).toEqual([
      "Rowan: ready for check, 5 min",
      "Hazel: hand up, 1 min",
      "Alder: hand up, 0 min",
      "Maple: off target three times, Salt",
      "Elm: timer done oven",
    ]);
    const side = () => screen.all(".gate h2, .side h2")[0];
    for (const name of ["Rowan", "Hazel", "Alder", "Rowan"]) {
      await press("h");
      expect(side()).toBe(name);
    }
    await press("Escape");
    await screen.press(/^Maple/);
    expect(side()).toBe("Maple");
  });

  it("is nobody, and the list is not there", async () => {
    const screen = await cups(board());
    expect(screen.place.querySelector(".waiting")).toBeNull();
    await press("h");
    expect(screen.all(".side h2")).toEqual([]);
  });
});

describe("the lab as a whole", () => {
  it("closes when it was asked and answered, not by a double click, and can be undone", async () => {
    const screen = await cups(board());
    await screen.press("Close the lab");
    await screen.press("Yes, close it"); // a double click
    expect(screen.changes()).toEqual([]);
    await screen.sure("Yes, close it", "Yes, close it");
    expect(screen.changes().map(({ asked }) => asked)).toEqual(["POST /api/labs/2/close"]);
    await screen.press(/^Undo/);
    expect(screen.changes().map(({ asked }) => asked)).toEqual(["POST /api/labs/2/close", "POST /api/labs/2/reopen"]);
    expect(screen.button("Close the lab")).toBeDefined(); // opened again, it asks again
  });

  it("pauses, goes on, and opens again", async () => {
    const screen = await cups(board());
    await screen.press("Pause");
    const paused = board({ lab: { ...board().lab, paused: true }, stations: [station(1, "Hazel", { left: [8] })] });
    const later = await cups(paused);
    expect(later.text()).toContain("For the next periodHazel Salt");
    expect(later.link("On paper").getAttribute("href")).toBe("/print/labs/2/hand-over");
    await later.press("Go on");
    const closed = await cups(board({ lab: { ...board().lab, state: "closed" } }));
    await closed.press("Open it again");
    expect([screen, later, closed].flatMap((one) => one.changes().map(({ asked }) => asked))).toEqual([
      "POST /api/labs/2/pause",
      "POST /api/labs/2/resume",
      "POST /api/labs/2/reopen",
    ]);
  });

  it.each([
    [{ left: [] }, "all weighed, to be checked"],
    [{ left: [], released: true }, "may mix"],
    [{ left: [7, 8] }, "Bread flour, Salt"],
    [{ left: [], timers: [{ id: "t", label: "", ends_at: 9 }] }, "all weighed, to be checked · a timer"],
  ])("hands over of a station with %j: %s", async (more, says) => {
    const screen = await cups(
      board({ lab: { ...board().lab, paused: true }, stations: [station(1, "Hazel", more as Partial<Station>)] }),
    );
    expect(screen.all(".side li")).toContain(`Hazel ${says}`);
  });

  it("has its scales checked against a known weight", async () => {
    const scales = [
      { id: 4, name: "Bench", checked: false, passed: false },
      { id: 5, name: "Fine", checked: true, passed: false },
      { id: 6, name: "New", checked: true, passed: true },
    ];
    const screen = await cups(board({ scales }), {
      "POST /api/labs/2/scale-checks": refusal({ reading_g: "That scale stops at 200 g." }),
    });
    expect(screen.all(".scale-check").map((one) => one.replace("Weight, gShows, gCheck it", ""))).toEqual([
      "Bench",
      "Fine off",
      "New checked",
    ]);
    expect(screen.button("Check it").disabled).toBe(true);
    const [, reading] = [...screen.place.querySelectorAll<HTMLInputElement>(".scale-check input")];
    act(() => {
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(reading, "199.8");
      reading?.dispatchEvent(new Event("input", { bubbles: true }));
    });
    await screen.press("Check it");
    expect(screen.changes()).toEqual([
      {
        asked: "POST /api/labs/2/scale-checks",
        query: {},
        body: { scale_id: 4, nominal_g: "200", reading_g: "199.8" },
      },
    ]);
    expect(screen.wrong()).toEqual(["That scale stops at 200 g."]);
  });
});

describe("the board's own page", () => {
  class Stream {
    onopen = () => {};
    onerror = () => {};
    onmessage = () => {};
    close() {}
  }
  const at = (answer: unknown) => {
    vi.stubGlobal("EventSource", Stream);
    return page(
      <Routes>
        <Route path="/labs/:lab" element={<BoardScreen />} />
      </Routes>,
      { "GET /api/labs/2/board": answer },
      "/labs/2",
    );
  };

  it("shows the lab of its address", async () => {
    const screen = await at(board());
    expect(screen.all("h1")).toEqual(["Oat buns"]);
    expect(screen.all(".live")).toEqual(["Updates every 5 s"]);
  });

  it("says that it could not be had, and asks again when told to", async () => {
    let times = 0;
    const screen = await at(() =>
      times++ === 0
        ? json(404, { message: "There is no such lab.", reason: "not-found", errors: {} })
        : json(200, board()),
    );
    expect(screen.text()).toContain("There is no such lab.");
    const [again] = screen.all("button");
    await screen.press(again ?? "");
    expect(screen.all("h1")).toEqual(["Oat buns"]);
  });
});

describe("a period", () => {
  const task = (station: number | null, what: string, name: string, start_s: number, end_s: number) => ({
    station,
    what,
    name,
    start_s,
    end_s,
    waited_s: 0,
    shared: [] as string[],
  });
  const part: Part = {
    end_s: 2460,
    fits: true,
    spare_minutes: 9,
    bottleneck: "the fine scale",
    saves: [{ name: "fine scale", minutes: 3, said: "One more fine scale saves 3 minutes." }],
    timeline: [
      task(null, "talk", "Talk", 0, 240),
      task(0, "measure", "Flour", 240, 400),
      task(0, "measure", "Oats", 400, 500),
      { ...task(0, "weigh", "Flour", 460, 490), waited_s: 60, shared: ["Fine"] },
      task(1, "measure", "Salt", 240, 300),
    ],
    waits: [{ name: "Fine", is_teacher: false, longest_s: 60, is_long: false }],
  };
  const plan: Plan = {
    title: "Oat buns",
    section: "Foods 1",
    minutes: 50,
    starts_at: "10:25",
    ends_at: "11:12",
    own_hours: false,
    blocks: [
      { id: "talk", name: "Talk", minutes: 4 },
      { id: "clean", name: "Clean-up", minutes: 7.5 },
    ],
    stations: ["Hazel", "Rowan"],
    running: null,
    began_at: null,
    parts: [part],
    in_two: false,
    stored: [
      { place: 1, name: "Flour", storage: "covered", how: "Covered", later: false },
      { place: 2, name: "Eggs", storage: "fresh", how: "Next time", later: true },
    ],
    may_change: true,
  };
  const shown = (of: Plan, answers: Record<string, unknown> = {}) =>
    page(
      <Routes>
        <Route path="/labs/:lab/period" element={<PeriodScreen />} />
      </Routes>,
      { "GET /api/labs/2/period": of, ...answers },
      "/labs/2/period",
    );

  it("says whether it fits, what is scarce, and what would help", async () => {
    const screen = await shown(plan);
    expect(screen.all(".period-facts")).toEqual([
      "Fits, with 9 minutes to spare. What slows it most: the fine scale. One more fine scale saves 3 minutes.",
    ]);
    const long = await shown({
      ...plan,
      parts: [{ ...part, fits: false, spare_minutes: -1, bottleneck: null, saves: [] }],
    });
    expect(long.all(".period-facts")).toEqual(["Does not fit: 1 minute too long."]);
    expect(long.place.querySelector(".is-too-long")).not.toBeNull();
  });

  it("draws each pair of hands in a row of its own, and what a pointer hears", async () => {
    const screen = await shown(plan);
    const rows = [...screen.place.querySelectorAll<HTMLElement>(".t-row")].map((row) =>
      [...row.querySelectorAll<HTMLElement>(".t-wait, .bar")].map((bar) => `${bar.title} @${bar.style.top}`),
    );
    expect(rows).toEqual([
      ["Talk, minute 0 to 4 @0px"],
      [
        "Flour waits 1 min @29px",
        "Flour, minute 4 to 6.7 @0px",
        "Oats, minute 6.7 to 8.3 @0px",
        "Flour, minute 7.7 to 8.2 @29px",
      ],
      ["Salt, minute 4 to 5 @0px"],
      [],
    ]);
    const [first] = [...screen.place.querySelectorAll<HTMLElement>(".bar")];
    expect([first?.style.left, Number.parseFloat(first?.style.width ?? "")]).toEqual(["0%", expect.closeTo(4.5, 0)]);
  });

  it("tells of what is shared who has it, who waits, and how long the longest does", async () => {
    const screen = await shown(plan);
    expect(screen.all(".is-shared h3")).toEqual(["Finelongest wait 1:00"]);
    expect(screen.all(".is-shared .peg")).toEqual(["H"]);
    expect(screen.place.querySelectorAll(".is-shared .peg-wait")).toHaveLength(1);
  });

  it("takes another length of a block, and shows the plan that comes of it", async () => {
    const screen = await shown(plan, { "PUT /api/labs/2/period": { ...plan, parts: [{ ...part, spare_minutes: 3 }] } });
    const [talk] = [...screen.place.querySelectorAll<HTMLInputElement>(".period-blocks input")];
    const leave = async () => {
      act(() => void talk?.dispatchEvent(new FocusEvent("focusout", { bubbles: true })));
      await settle();
    };
    await leave();
    expect(screen.changes()).toEqual([]);
    act(() => {
      if (talk) talk.value = "10";
    });
    await leave();
    expect(screen.changes()).toEqual([{ asked: "PUT /api/labs/2/period", query: {}, body: { minutes: { talk: 10 } } }]);
    expect(screen.all(".period-facts")[0]).toContain("Fits, with 3 minutes to spare.");
  });

  it("is spread over two, with what is done in between, and brought back to one", async () => {
    const two = { ...plan, in_two: true, parts: [part, { ...part, fits: false, spare_minutes: -2 }] };
    const screen = await shown(plan, { "POST /api/labs/2/second-period": two, "PUT /api/labs/2/second-period": two });
    expect(screen.all(".in-between li")).toEqual([]);
    await screen.press("Spread over two periods");
    expect(screen.all("h2")).toEqual(["First period", "In between", "Second period"]);
    expect(screen.all(".period-facts")[1]).toContain("2 minutes too long");
    expect(screen.all(".in-between li")).toEqual([
      "FlourCoveredMeasure next time",
      "EggsNext timeMeasure the first time",
    ]);
    await screen.press("Measure Flour next time");
    await screen.press("Measure Eggs the first time");
    await screen.press("Back to one period");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["POST /api/labs/2/second-period", undefined],
      ["PUT /api/labs/2/second-period", { later: [2, 1] }],
      ["PUT /api/labs/2/second-period", { later: [] }],
      ["DELETE /api/labs/2/second-period", undefined],
    ]);
    const open = await shown({ ...two, may_change: false });
    expect(open.all("button")).not.toContain("Back to one period");
    expect(open.text()).toContain("stays as it is");
  });

  it("says what a block cannot be", async () => {
    const screen = await shown(plan, { "PUT /api/labs/2/period": refusal({ "minutes.talk": "At most 180 minutes." }) });
    const [talk] = [...screen.place.querySelectorAll<HTMLInputElement>(".period-blocks input")];
    act(() => {
      if (talk) talk.value = "999";
      talk?.dispatchEvent(new FocusEvent("focusout", { bubbles: true }));
    });
    await settle();
    expect(screen.wrong()).toEqual(["At most 180 minutes."]);
    expect(screen.all(".period-facts")[0]).toContain("9 minutes");
  });
});

describe("who measures", () => {
  const two = station(1, "Hazel", {
    members: [
      { id: 10, name: "Oona", away: false },
      { id: 11, name: "Mateus", away: true },
      { id: 12, name: "Lumi", away: false },
    ],
    turns: [{ line: 7, student: 10 }],
  });

  it("gives a line to another who is here, and marks who is away", async () => {
    const open = board({ stations: [two], lines: [line(7, "Bread flour")] });
    const screen = await page(<WhoMeasures board={open} station={two} />);
    expect([...screen.box("Whose turn: Bread flour").querySelectorAll("option")].map((one) => one.textContent)).toEqual(
      ["Oona", "Lumi"],
    );
    screen.type("Whose turn: Bread flour", "12");
    await settle();
    await screen.tick("Oona is away today");
    await screen.tick("Mateus is away today");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["PUT /api/labs/2/turns", { line_id: 7, station_id: 1, student_id: 12 }],
      ["PUT /api/sections/3/students/10/away", { away: true }],
      ["PUT /api/sections/3/students/11/away", { away: false }],
    ]);
  });

  it("lists no turns where whoever is free measures", async () => {
    const free = station(1, "Hazel");
    const screen = await page(<WhoMeasures board={board({ stations: [free] })} station={free} />);
    expect(screen.all("select")).toEqual([]);
  });
});

it("a cell of what a station does not measure says so, and opens nothing", async () => {
  const open = board({
    stations: [station(1, "Hazel"), station(2, "Rowan")],
    lines: [line(7, "Bread flour"), line(8, "Applesauce", { stations: [1] })],
  });
  const screen = await page(
    <Desk lab={2}>
      <Cups board={open} live="live" />
    </Desk>,
  );
  const cell = screen.button("Rowan does not measure Applesauce");
  expect([cell.textContent, cell.getAttribute("aria-disabled")]).toEqual(["–", "true"]);
  await screen.press("Rowan does not measure Applesauce");
  expect(screen.place.querySelector(".cell[aria-pressed=true]")).toBeNull();
  expect(screen.button("Hazel, Applesauce: Not weighed")).toBeDefined();
});
