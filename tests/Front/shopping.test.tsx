import { beforeAll, beforeEach, describe, expect, it } from "vitest";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import ShoppingScreen from "../../resources/js/shopping/ShoppingScreen";
import { type Row, type Shopping, weeksOn } from "../../resources/js/shopping/shopping";
import { page, refusal } from "./page";
import { settle } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
});
beforeEach(() => speak("en"));

const flour: Row = {
  id: "bread-flour",
  name: "Bread flour",
  labs: ["Oat buns", "Braided loaf"],
  pieces: null,
  needed_g: 1875,
  decimals: 0,
  missing_g: 1375,
  missing_decimals: 0,
  size: "2",
  unit: "kg",
  stock: "0.5",
  price: "3.49",
  packs: 1,
  over_g: 625,
  over_decimals: 0,
  cost: "3.49",
};
const salt: Row = {
  ...flour,
  id: "salt",
  name: "Salt",
  size: null,
  unit: null,
  packs: null,
  over_g: null,
  price: null,
  cost: null,
};
const week = (more: Partial<Shopping> = {}): Shopping => ({
  from: "2026-11-30",
  to: "2026-12-06",
  labs: [{ id: 8, title: "Oat buns", section: "Foods 1", planned_for: "2026-12-01" }],
  rows: [flour, salt],
  total: "3.49",
  unpriced: 1,
  ...more,
});

describe("shopping for a week", () => {
  it("says packs where they are known, grams where not, and what it comes to", async () => {
    const screen = await page(<ShoppingScreen />, { "GET /api/shopping": week() });
    expect(screen.all("h1")).toEqual(["Shopping, Mon, Nov 30 to Sun, Dec 6"]);
    expect(screen.all(".to-get")).toEqual(["1 pack625 g over", "1375 g"]);
    expect(screen.all("tfoot tr")).toEqual(["Together (1 food without a price)3.49"]);
    expect(screen.link("Oat buns").getAttribute("href")).toBe("/labs/8/prepare");
  });

  it("keeps a pack as it is typed, and says beside the box what is wrong", async () => {
    const screen = await page(<ShoppingScreen />, {
      "GET /api/shopping": week(),
      "PUT /api/pantry/salt/pack": refusal({ size: "A number, please." }),
    });
    await screen.leave("Salt: size of a pack");
    expect(screen.changes()).toEqual([]); // nothing was typed
    screen.type("Salt: size of a pack", "none");
    await screen.leave("Salt: size of a pack");
    await settle();
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["PUT /api/pantry/salt/pack", { size: "none", stock: "0.5", price: "", unit: "kg" }],
    ]);
    expect(screen.wrong()).toEqual(["A number, please."]);
  });

  it("shows the week of the address", async () => {
    const screen = await page(
      <ShoppingScreen />,
      { "GET /api/shopping": week({ labs: [], rows: [] }) },
      "/?day=2026-12-09",
    );
    expect(screen.text()).toContain("No lab is planned in this week.");
    expect(screen.sent.at(-1)?.query).toEqual({ day: "2026-12-09" });
    expect([weeksOn("2026-12-28", 1), weeksOn("2026-03-01", -1)]).toEqual(["2027-01-04", "2026-02-22"]);
  });
});
