import { describe, expect, it } from "vitest";
import { read, type Typing, typing } from "../../resources/js/lab/paper";

const members = [
  { id: 1, name: "Mateus Varga" },
  { id: 2, name: "Marisol Ode" },
  { id: 3, name: "Jean-Luc O'Neil" },
];
const nothing: Typing = { now: {}, before: [] };
const write = (before: Typing, text: string, key = "1/1") => typing(before, { type: "write", key, text });
const cell = (text: string) => write(nothing, text).now["1/1"] ?? { text: "", ids: [] };

describe("a sheet", () => {
  it("reads tries and whose they are", () => {
    const { tries, student } = read(cell("239 221 mat"), members);
    expect(tries.map((one) => one.grams)).toEqual(["239", "221"]);
    expect(student).toEqual(members[0]);
    expect(new Set(tries.map((one) => one.id)).size).toBe(2);
  });

  it.each([
    ["219 jlo", 3],
    ["219 jean", 3],
    ["j.l.o. 219", 3],
    ["219 mv", 1],
    ["219 MARISOL", 2],
  ])("%s is of student %d", (text, id) => expect(read(cell(text), members).student?.id).toBe(id));

  it.each([
    ["219 ma", ["Mateus Varga", "Marisol Ode"]],
    ["219 zz", []],
  ])("%s is unclear", (text, names) => {
    const { student, unclear } = read(cell(text), members);
    expect(student).toBeUndefined();
    expect(unclear?.several.map((one) => one.name)).toEqual(names);
  });

  it("takes a number with its point, comma or sign as it is: the server judges it", () => {
    expect(read(cell("219,5 -3 ½"), members).tries.map((one) => one.grams)).toEqual(["219,5", "-3"]);
  });

  it("keeps a try's id while it is typed on, so that it is stored once", () => {
    const first = write(nothing, "2");
    const more = write(write(first, "21"), "219 2");
    expect(more.now["1/1"]?.ids[0]).toBe(first.now["1/1"]?.ids[0]);
  });

  it("undoes change by change, and forgets a cell that was emptied", () => {
    const typed = write(write(nothing, "2"), "21");
    expect(typing(typed, { type: "undo" }).now["1/1"]?.text).toBe("2");
    expect(typing(typing(typed, { type: "undo" }), { type: "undo" }).now).toEqual({});
    expect(typing(nothing, { type: "undo" })).toEqual(nothing);
    expect(write(typed, " ").now).toEqual({});
    expect(write(typed, "21")).toEqual(typed); // nothing changed, nothing to undo
    expect(typing(typed, { type: "empty" })).toEqual(nothing);
  });
});

describe("what a cell of the sheet says", () => {
  const here = [
    { id: 1, name: "Oona" },
    { id: 2, name: "Mateus" },
    { id: 3, name: "Mara Lind" },
    { id: 4, name: "Zoé" },
  ];
  const ids = ["a", "b", "c", "d"];
  const said = (text: string) => {
    const { tries, student, unclear } = read({ text, ids }, here);
    return [tries.map((one) => one.grams), student?.name ?? unclear?.several.map((one) => one.name) ?? null];
  };
  for (const [text, grams, who] of [
    ["239", ["239"], null],
    ["  239   221 ", ["239", "221"], null],
    ["239 221 o", ["239", "221"], "Oona"],
    ["60,5 O.", ["60,5"], "Oona"],
    ["3.1 mat", ["3.1"], "Mateus"],
    ["3.1 ML", ["3.1"], "Mara Lind"],
    ["3.1 mara l", ["3.1"], "Mara Lind"],
    ["3.1 ZOÉ", ["3.1"], "Zoé"],
    ["3.1 ma", ["3.1"], ["Mateus", "Mara Lind"]],
    ["3.1 x", ["3.1"], []],
    ["-5 12a", ["-5", "12a"], null], // a number or not: the server says
    ["", [], null],
  ] as const) {
    it(`reads "${text}"`, () => expect(said(text)).toEqual([grams, who]));
  }

  it("each try keeps its own id while others are typed, and no two share one", () => {
    const writes = (state: Typing, key: string, text: string) => typing(state, { type: "write", key, text });
    let state: Typing = { now: {}, before: [] };
    state = writes(state, "1/1", "23");
    const first = state.now["1/1"]?.ids[0];
    for (const text of ["239", "239 ", "239 2", "239 221", "239 221 o"]) state = writes(state, "1/1", text);
    state = writes(state, "1/2", "60 61 62");
    const all = Object.values(state.now).flatMap((cell) => read(cell, here).tries.map((one) => one.id));
    expect(state.now["1/1"]?.ids[0]).toBe(first);
    expect(all).toHaveLength(5);
    expect(new Set(all).size).toBe(5);
  });

  it("whatever is typed can be taken back, step by step, to the empty sheet", () => {
    let state: Typing = { now: {}, before: [] };
    const seen = [state.now];
    for (const [key, text] of [
      ["1/1", "2"],
      ["1/1", "23"],
      ["2/1", "7"],
      ["1/1", ""],
      ["2/1", "7 8"],
    ] as const) {
      state = typing(state, { type: "write", key, text });
      seen.push(state.now);
    }
    expect(typing(state, { type: "write", key: "2/1", text: "7 8" })).toEqual(state); // nothing new, nothing to take back
    for (const sheet of seen.reverse().slice(1)) {
      state = typing(state, { type: "undo" });
      expect(state.now).toEqual(sheet);
    }
    expect(typing(state, { type: "undo" }).now).toEqual({});
  });
});
