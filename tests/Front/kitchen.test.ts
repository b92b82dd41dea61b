import { beforeEach, describe, expect, it } from "vitest";
import type { Kept } from "../../resources/js/outbox/store";
import { dropOldDrafts } from "../../resources/js/weigh/draft";
import { type Kitchen, type Line, nextLine, ownerOf, toDo } from "../../resources/js/weigh/kitchen";

const line = (id: number) => ({ id }) as Line;
const kitchen = (todo: number[]) => ({ lines: [1, 2, 3, 4].map(line), todo }) as Kitchen;
const weighed = (line_id: number): Kept => ({
  id: "a",
  order: 1,
  url: "/api/weighings/a",
  body: { line_id },
  owner: "x",
});
const ids = (lines: Line[]) => lines.map((one) => one.id);

describe("what is next", () => {
  it("is what the server says, in its order", () => {
    expect(ids(toDo(kitchen([3, 1, 4]), []))).toEqual([3, 1, 4]);
    expect(nextLine(kitchen([3, 1]), [])?.id).toBe(3);
    expect(nextLine(kitchen([]), [])).toBeUndefined();
  });

  it("is not what waits on this device to be stored", () => {
    expect(ids(toDo(kitchen([3, 1]), [weighed(3)]))).toEqual([1]);
    const event = { ...weighed(3), url: "/api/events/a" };
    expect(ids(toDo(kitchen([3, 1]), [event]))).toEqual([3, 1]);
  });

  it("is not what was measured just now, before the server has said so", () => {
    expect(nextLine(kitchen([3, 1]), [], line(3))?.id).toBe(1);
    expect(nextLine(kitchen([3]), [], line(3))).toBeUndefined();
  });

  it("leaves out a line that is not there any more", () => expect(ids(toDo(kitchen([9, 1]), []))).toEqual([1]));
});

it("a tablet's things belong to its station, a student's to the student", () => {
  expect(ownerOf({ kind: "station", station_id: 7, students: [{ id: 1 }] } as Kitchen)).toBe("station 7");
  expect(ownerOf({ kind: "student", station_id: 7, students: [{ id: 1 }] } as Kitchen)).toBe("student 1");
});

describe("drafts", () => {
  beforeEach(() => localStorage.clear());
  it("of labs that are over go; of this one, of one to set up, and all else stay", () => {
    for (const key of [
      "hovik.draft.1.student 1.2",
      "hovik.draft.12.station 3.4",
      "hovik.draft.2.a.b",
      "hovik.language",
    ])
      localStorage.setItem(key, "{}");
    dropOldDrafts([1, undefined, 2]);
    expect(Object.keys(localStorage).sort()).toEqual([
      "hovik.draft.1.student 1.2",
      "hovik.draft.2.a.b",
      "hovik.language",
    ]);
  });
});
