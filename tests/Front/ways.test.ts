import { describe, expect, it } from "vitest";
import type { Draft } from "../../resources/js/weigh/draft";
import type { Kitchen, Line, Way } from "../../resources/js/weigh/kitchen";
import { lineBy, wayOf } from "../../resources/js/weigh/ways";

const draft = (way?: string): Draft => ({ id: "01", ticked: [], readings: {}, ...(way && { way }) });
const kitchen = (kind: Kitchen["kind"]) => ({ kind }) as Kitchen;
const out = {
  way: "weigh-out",
  weigh_out: "94 g",
  fills: [],
  fetch: ["a dry bowl"],
  steps: [],
  one_spoon: false,
} as unknown as Way;
const partner = { way: "partner", weigh_out: null, fills: [{}], fetch: ["the cup"], one_spoon: true } as unknown as Way;
const line = {
  id: 7,
  name: "Oats",
  weigh_out: null,
  aim: "Aim for 94 g",
  fills: [{}, {}],
  fetch: ["the cup", "a straight edge"],
  together: { "3": 5 },
  others: [out, partner],
} as unknown as Line;

describe("the way somebody measures", () => {
  it("is the usual one on a tablet until another is tapped", () => {
    expect(wayOf(kitchen("station"), line, draft())).toBeUndefined();
    expect(wayOf(kitchen("station"), line, draft("partner"))).toBe(partner);
  });

  it("is one they may go on a student's own phone, until they tap the usual one", () => {
    expect(wayOf(kitchen("student"), line, draft())).toBe(out);
    expect(wayOf(kitchen("student"), line, draft("usual"))).toBeUndefined();
    expect(wayOf(kitchen("student"), { ...line, others: [] }, draft())).toBeUndefined();
  });

  it("is no longer one that the teacher took back", () => {
    expect(wayOf(kitchen("station"), line, draft("top-read"))).toBeUndefined();
  });
});

describe("the line that way", () => {
  it("has its tools, its steps and what to weigh, and no aim beside it", () => {
    expect(lineBy(line, out)).toMatchObject({
      id: 7,
      way: "weigh-out",
      weigh_out: "94 g",
      fills: [],
      aim: null,
      together: {},
    });
  });

  it("keeps what a partner changes nothing of", () => {
    expect(lineBy(line, partner)).toMatchObject({ way: "partner", aim: "Aim for 94 g", together: { "3": 5 } });
    expect(lineBy(line, undefined)).toBe(line);
  });
});
