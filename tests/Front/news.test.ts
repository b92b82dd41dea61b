import { describe, expect, it } from "vitest";
import { withChange as onBoard } from "../../resources/js/lab/board";
import { type Kitchen, latest, wantsDirections, withChange } from "../../resources/js/weigh/kitchen";
import { news } from "../../resources/js/weigh/news";

type Line = Kitchen["lines"][number];
type Attempt = Line["attempts"][number];

const attempt = (id: string, more: Partial<Attempt> = {}): Attempt => ({
  id,
  attempt: 1,
  verdict: "heaped",
  tolerances: 1.2,
  student: "Oona",
  grams: 239,
  decimals: 0,
  corrected: false,
  put_right: null,
  ...more,
});
const line = (id: number, more: Partial<Line> = {}) =>
  ({
    id,
    name: `food ${id}`,
    foreign: false,
    sent_back: null,
    checked: false,
    attempts: [],
    ...more,
  }) as unknown as Line;
const kitchen = (more: Partial<Kitchen> = {}) =>
  ({
    station_id: 1,
    lab: { id: 2, title: "Buns", tools: false },
    paused: false,
    gate: { ready: false, can_be_ready: false, released: false, directions: null },
    heard: 3,
    todo: [1, 2],
    lines: [line(1), line(2)],
    ...more,
  }) as unknown as Kitchen;
const hearer = { own: new Map([["MINE", 1]]), open: 1 };
const told = (was: Partial<Kitchen>, now: Partial<Kitchen>) => news(kitchen(was), kitchen(now), hearer);
const change = {
  heard: 4,
  in_between: false,
  ready: false,
  can_be_ready: false,
  released: false,
  help: true,
  timers: [],
  measuring: [],
  todo: [2],
};
const changed = (of: object) => ({
  ...change,
  lines: [{ id: 1, foreign: false, sent_back: null, checked: false, attempts: [] }],
  ...of,
});

describe("what a station is told", () => {
  it.each<[string, Partial<Kitchen>, Partial<Kitchen>, string[]]>([
    ["nothing where nothing changed", {}, {}, []],
    ["that it is paused", {}, { paused: true }, ["paused"]],
    ["that it goes on", { paused: true }, {}, ["resumed"]],
    ["that the lab is closed", {}, { lab: null }, ["closed"]],
    ["that it is open again", { lab: null }, {}, ["opened"]],
    ["that another lab is open", {}, { lab: { id: 3, title: "Loaf", tools: false } }, ["opened"]],
    ["nothing of a lab to who was moved", { lab: null }, { station_id: 9 }, []],
    ["that a line comes back, and why", {}, { lines: [line(1, { sent_back: "Too full" }), line(2)] }, ["sentBack"]],
    [
      "once, where a line came back and the directions closed with it",
      { gate: { ready: false, can_be_ready: false, released: true, directions: [] } },
      { lines: [line(1, { sent_back: "Too full" }), line(2)] },
      ["sentBack"],
    ],
    [
      "that it may mix",
      {},
      { gate: { ready: false, can_be_ready: false, released: true, directions: [] } },
      ["released"],
    ],
    [
      "that it may not yet",
      { gate: { ready: false, can_be_ready: false, released: true, directions: [] } },
      {},
      ["closedAgain"],
    ],
    [
      "what a teacher corrected",
      {},
      { lines: [line(1), line(2, { attempts: [attempt("T", { put_right: "teacher" })] })] },
      ["corrected"],
    ],
    [
      "what another device weighed of the line that is open here",
      {},
      { lines: [line(1, { attempts: [attempt("B")] }), line(2)] },
      ["weighed"],
    ],
    ["nothing of another line", {}, { lines: [line(1), line(2, { attempts: [attempt("B")] })] }, []],
    ["nothing of its own weigh-in", {}, { lines: [line(1, { attempts: [attempt("MINE")] }), line(2)] }, []],
    [
      "nothing of what it knew",
      { lines: [line(1, { attempts: [attempt("B")] })] },
      { lines: [line(1, { attempts: [attempt("B")] })] },
      [],
    ],
  ])("is %s", (_, was, now, ids) => {
    expect(told(was, now).map(({ id }) => id)).toEqual(ids);
  });

  it("says who, what and how much", () => {
    expect(told({}, { lines: [line(1, { attempts: [attempt("B")] }), line(2)] })).toEqual([
      { id: "weighed", values: { name: "food 1", student: "Oona", grams: 239, decimals: 0 }, verdict: "heaped" },
    ]);
  });
});

describe("a change that the stream carries", () => {
  it("stands for all before it", () => {
    const now = withChange(
      kitchen(),
      changed({ lines: [{ id: 1, foreign: true, sent_back: null, checked: false, attempts: [attempt("B")] }] }),
    );
    expect([now.heard, now.help, now.todo]).toEqual([4, true, [2]]);
    expect(now.lines[0]).toMatchObject({ name: "food 1", foreign: true, attempts: [{ id: "B" }] });
    expect(now.lines[1]).toEqual(line(2));
  });

  it("is not taken when it is older, nor where there is no lab", () => {
    const was = kitchen({ heard: 5 });
    expect(withChange(was, changed({}))).toBe(was);
    const waiting = kitchen({ lab: null });
    expect(withChange(waiting, changed({}))).toBe(waiting);
  });

  it("closes the directions, and has them asked for when they open", () => {
    const open = withChange(kitchen(), changed({ released: true }));
    expect([open.gate?.released, wantsDirections(open)]).toEqual([true, true]);
    const read = { ...open, gate: { ready: false, can_be_ready: false, released: true, directions: [] } };
    expect(wantsDirections(withChange(read, changed({ heard: 5, released: true })))).toBe(false);
    expect(withChange(read, changed({ heard: 6 })).gate?.directions).toBeNull();
  });

  it("puts one station of a board in its place, with all its weighings", () => {
    const station = (id: number, heard: number) => ({ id, heard, name: `S${id}` });
    const weighing = (id: string, station_id: number) => ({ id, station_id });
    const totals = (level: number) => ({ level, heaped: 0, shy: 0, too_close: 0 });
    type Board = Parameters<typeof onBoard>[0];
    type Told = Parameters<typeof onBoard>[1];
    const board = {
      stations: [station(1, 2), station(2, 7)],
      weighings: [weighing("a", 1), weighing("b", 2)],
      totals: totals(0),
    };
    const say = (of: object) => onBoard(board as unknown as Board, of as unknown as Told) as unknown as typeof board;
    const now = say({ station: station(1, 3), weighings: [weighing("a", 1), weighing("c", 1)], totals: totals(2) });
    expect(now.stations).toEqual([station(1, 3), station(2, 7)]);
    expect(now.weighings.map(({ id }) => id)).toEqual(["b", "a", "c"]);
    expect(now.totals).toEqual(totals(2));
    expect(say({ station: station(2, 6), weighings: [], totals: totals(9) })).toBe(board);
    expect(say({ station: station(3, 1), weighings: [], totals: totals(9) })).toBe(board);
  });
});

it("what was taken back counts no more", () => {
  expect(latest(line(1, { attempts: [attempt("A"), attempt("B", { corrected: true })] }))?.id).toBe("A");
});
