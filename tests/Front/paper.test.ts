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
