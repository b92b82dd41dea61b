import { act } from "react";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import DrawerScreen from "../../resources/js/drawer/DrawerScreen";
import type { Drawer } from "../../resources/js/drawer/drawer";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import PantryScreen from "../../resources/js/pantry/PantryScreen";
import { type Entry, weight } from "../../resources/js/pantry/weight";
import { page, refusal } from "./page";
import { json, settle } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
});
beforeEach(() => {
  speak("en");
  vi.stubGlobal("matchMedia", () => ({ matches: true, addEventListener: () => {}, removeEventListener: () => {} }));
});
afterEach(() => vi.unstubAllGlobals());

const bodies = (screen: Awaited<ReturnType<typeof page>>) => screen.changes().map(({ body }) => body);

describe("the drawer", () => {
  type Tool = Drawer["tools"][number];
  const tool = (id: string, more: Partial<Tool> = {}): Tool => ({
    id,
    kind: "dry-cup",
    name: `the ${id}`,
    nominal: "1",
    ml: 236.6,
    count: 2,
    place: null,
    in_set: 0,
    retired: 0,
    marks: [],
    fit: true,
    ...more,
  });
  const checked = { due: false, every: "term" as const, span_pct: 0, history: [] };
  const drawer = (more: Partial<Drawer> = {}): Drawer => ({
    tools: [
      tool("cup-1"),
      tool("cup-2/3", { count: 0 }),
      tool("jug-2", { kind: "liquid-measure", place: "Hazel" }),
      tool("mug", { kind: "novelty-scoop", count: 1, fit: false }),
    ],
    scales: [
      {
        id: 4,
        name: "Bench",
        step: 1,
        decimals: 0,
        capacity: 5000,
        checked_on: "2026-11-20",
        out_of_order: false,
        ...checked,
      },
      { id: 5, name: "Fine", step: 0.1, decimals: 1, capacity: 200, checked_on: null, out_of_order: true, ...checked },
    ],
    named: [],
    waiting: [],
    sets: [],
    places: [],
    scale_kinds: [
      { id: "bench-1", step: 1, decimals: 0, capacity: 5000 },
      { id: "fine-01", step: 0.1, decimals: 1, capacity: 200 },
    ],
    ...more,
  });
  const shown = (of = drawer(), answers = {}) => page(<DrawerScreen />, { "GET /api/drawer": of, ...answers });
  const names = (screen: Awaited<ReturnType<typeof page>>) => screen.all(".hung:not(.hung-scales) .hung-one > b");

  it("shows what is owned, by kind, and all there are when asked", async () => {
    const screen = await shown();
    expect(names(screen)).toEqual(["the cup-1", "the jug-2", "the mug"]);
    expect(screen.all("h2")).toEqual([
      "Dry measuring cups",
      "Liquid measuring cups",
      "Decorated scoops and mugs",
      "Scales: 1 of 2 in order",
    ]);
    expect(screen.text()).toContain("Their rim cannot be leveled, so they are not used for weigh-ins.");
    await screen.press("Show every kind of tool");
    expect(names(screen)).toContain("the cup-2⁄3");
    expect(screen.button("Show what we own").getAttribute("aria-pressed")).toBe("true");
  });

  it("counts taps as they come, one more and one less, down to none", async () => {
    const screen = await shown(drawer({ tools: [tool("cup-1"), tool("cup-2/3", { count: 0 })] }));
    await screen.press(/the cup-1/);
    expect(document.activeElement?.getAttribute("aria-label")).toBe("One more");
    await screen.press("One more");
    await screen.press("One less");
    expect(screen.changes()).toEqual([
      { asked: "PUT /api/drawer/tools/cup-1", query: {}, body: { count: 3, place: null } },
      { asked: "PUT /api/drawer/tools/cup-1", query: {}, body: { count: 2, place: null } },
    ]);
    for (const half of ["", "1", "12"]) screen.type("How many: the cup-1", half);
    expect(bodies(screen)).toHaveLength(2);
    await screen.leave("How many: the cup-1");
    expect(bodies(screen).slice(2)).toEqual([{ count: 12, place: null }]);
    screen.type("How many: the cup-1", "");
    await screen.leave("How many: the cup-1");
    expect(bodies(screen)).toHaveLength(3);
    await screen.press("Show every kind of tool");
    expect(screen.button("One less").disabled).toBe(false);
    await screen.press(/the cup-2.3none/);
    expect(screen.button("One less").disabled).toBe(true);
    expect(screen.box("Where: the cup-2/3").disabled).toBe(true);
    await screen.press("Close");
    expect(document.activeElement?.textContent).toContain("cup-2");
  });

  it("keeps where a tool lives when the box is left, once", async () => {
    const screen = await shown();
    await screen.press(/^the jug-2/);
    await screen.leave("Where: the jug-2");
    expect(screen.changes()).toEqual([]);
    screen.type("Where: the jug-2", "Rowan");
    await screen.leave("Where: the jug-2");
    await screen.press(/the cup-1/);
    screen.type("Where: the cup-1", "");
    await screen.leave("Where: the cup-1");
    expect(bodies(screen)).toEqual([{ count: 2, place: "Rowan" }]);
    const shared = await shown();
    await shared.press(/^the jug-2/);
    shared.type("Where: the jug-2", "");
    await shared.leave("Where: the jug-2");
    expect(bodies(shared)).toEqual([{ count: 2, place: null }]);
  });

  it("says beside a tool what was wrong with it", async () => {
    const screen = await shown(drawer(), { "PUT /api/drawer/tools/mug": refusal({ count: "At most 99." }) });
    await screen.press(/^the mug/);
    await screen.press("One more");
    expect(screen.wrong()).toEqual(["At most 99."]);
    expect(screen.place.querySelector(".wrong")?.closest(".hung-panel")?.textContent).toContain("the mug");
  });

  it("tells each scale's steps, range and last check, takes one more, and takes one away", async () => {
    const screen = await shown(drawer(), { "POST /api/drawer/scales": { id: 6 } });
    expect(screen.all(".hung-scales .hung-one")[0]).toMatch(/^Bench1 g steps, to 5000 gchecked .*20/);
    expect(screen.all(".hung-scales .hung-one")[1]).toBe("Fine0.1 g steps, to 200 gout of order");
    await screen.press("+Add a scale");
    screen.type("Name of another scale", "Blue");
    screen.type("How it counts, and up to how much", "fine-01");
    await screen.press("Add");
    expect(screen.box("Name of another scale").value).toBe("");
    await screen.press(/^Fine/);
    await screen.sure("Remove Fine", "Yes, remove it");
    await screen.again(null);
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["POST /api/drawer/scales", { name: "Blue", catalogue_id: "fine-01" }],
      ["DELETE /api/drawer/scales/5", undefined], // may it go?
      ["DELETE /api/drawer/scales/5", undefined],
    ]);
  });

  it("says at once which scale cannot go, and keeps the hand where it was", async () => {
    const why = "Something was weighed on this scale. It stays.";
    const screen = await shown(drawer(), { "DELETE /api/drawer/scales/5": refusal({}, 409, why) });
    await screen.press(/^Fine/);
    await screen.sure("Remove Fine", "Yes, remove it");
    expect(screen.wrong()).toEqual([why]);
    expect(screen.changes()).toHaveLength(1);
    await new Promise((then) => requestAnimationFrame(then));
    expect(document.activeElement?.getAttribute("aria-label")).toBe("Remove Fine");
  });

  it("goes along the rims by arrows, opens at the side, and comes back by Esc", async () => {
    const screen = await shown();
    const keys = (key: string) =>
      act(() => void document.activeElement?.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true })));
    screen.button(/the cup-1/).focus();
    keys("ArrowRight");
    expect(document.activeElement?.textContent).toContain("the jug-2");
    keys("ArrowLeft");
    expect(document.activeElement?.textContent).toContain("the cup-1");
    await screen.press(/the cup-1/);
    expect(screen.button(/the cup-1/).getAttribute("aria-expanded")).toBe("true");
    keys("Escape");
    await settle();
    expect(screen.place.querySelector(".hung-panel")).toBeNull();
    expect(document.activeElement?.textContent).toContain("the cup-1");
  });

  it("lists with nothing open what no plan uses and what the sets hold, and leads there", async () => {
    const mark = (text: string, worn: boolean) => ({ text, worn });
    const screen = await shown(
      drawer({
        tools: [
          tool("cup-1", { in_set: 1 }),
          tool("jug-2", { kind: "liquid-measure", marks: [mark("1/2", true), mark("1", false)], retired: 1 }),
          tool("spoon", { kind: "measuring-spoon" }),
        ],
      }),
    );
    expect(screen.all(".sheet-side h2")).toEqual(["Retired or worn", "In each station's set"]);
    expect(screen.all(".sheet-side li")).toEqual([
      "the jug-2 1 retired · cannot be read: 1/2",
      "the cup-1 1 in each set",
    ]);
    await screen.press("the jug-2");
    expect(screen.all(".hung-panel h2")).toEqual(["the jug-2"]);
    await screen.press("1");
    expect(bodies(screen)).toEqual([{ count: 2, place: null, worn: ["1/2", "1"] }]);
  });

  it("speaks Spanish, numbers too", async () => {
    await speak("es");
    const screen = await shown();
    expect(screen.all(".hung-scales .hung-one")[1]).toContain("0,1 g");
  });

  it("of an empty school has a place for its first scale and no tools", async () => {
    const screen = await shown(drawer({ tools: [], scales: [], scale_kinds: [] }));
    expect(screen.all("h2")).toEqual(["Scales: 0 of 0 in order"]);
    expect(screen.all(".hung-one")).toEqual(["+Add a scale"]);
    const away = await page(<DrawerScreen />, { "GET /api/drawer": () => json(500, { message: "Away." }) });
    expect(away.all("button")).toEqual(["Try again"]);
  });
});

const entry = (id: string, more: Partial<Entry> = {}): Entry => ({
  id,
  name: "Bread flour",
  aliases: ["strong flour"],
  family: "fine-powder",
  grams: 125,
  reference_grams: 125,
  per: "cup",
  per_tsp: 2.6,
  handlings: [{ name: "dipped", factor: 1.12, grams: 140, advisable: "no" }],
  allergens: ["wheat"],
  source: "Weighed for Hovik",
  confidence: "high",
  notes: "",
  added: false,
  own: null,
  bag_notice: null,
  ...more,
});

describe("the pantry", () => {
  const egg = entry("egg", { name: "Large egg", aliases: [], per: "piece", grams: 50, per_tsp: null, handlings: [] });
  const shown = (entries: Entry[] = [entry("bread-flour"), egg], answers = {}) =>
    page(<PantryScreen />, { "GET /api/pantry": entries, ...answers });

  it.each([
    ["", ["Bread flour", "Large egg"]],
    ["STRONG", ["Bread flour"]],
    [" egg ", ["Large egg"]],
    ["saffron", []],
  ])("finds by any name: '%s'", async (word, found) => {
    const screen = await shown();
    screen.type("Find an ingredient", word);
    expect(screen.all("tbody button")).toEqual(found);
    expect(screen.text().includes("No food here is called saffron.")).toBe(found.length === 0);
  });

  it("tells a food's weight, where it is from, and whether values agree", async () => {
    const own = { reason: "Our bags", by: "Ms. Reed", on: "2026-11-01", trials: null };
    const screen = await shown([
      entry("a", { confidence: "low" }),
      entry("b", { own, grams: 131.5, reference_grams: 125 }),
    ]);
    expect(screen.all("tbody tr").map((one) => one.slice(-60))).toEqual([
      expect.stringContaining("125 g a US cupWeighed for Hovik, values differ a lot"),
      expect.stringContaining("131.5 g a US cupours"),
    ]);
  });

  it("opens a food beside the list, and closes it", async () => {
    const screen = await shown();
    expect(screen.text()).toContain("Pick an ingredient to see what changes its weight.");
    await screen.press("Bread flour");
    expect(screen.all(".sheet-side .note")).toEqual([
      "A teaspoon weighs 2.60 g.",
      "Contains wheat. Warn the whole class.",
      "strong flour",
    ]);
    expect(screen.all(".handling")).toEqual(["dippeda mistake140 g"]);
    expect(screen.button("Bread flour").getAttribute("aria-expanded")).toBe("true");
    await screen.press("Bread flour");
    expect(screen.button("Bread flour").getAttribute("aria-expanded")).toBe("false");
    await screen.press("Large egg");
    expect(screen.all(".sheet-side h2")).toEqual(["Large egg", "Our own weight"]); // no cup, so no measure of grams
    expect(screen.all(".sheet-side label > span")).toContain("Grams of a piece");
  });

  it("keeps a school's own figure with its reason, and goes back to the reference", async () => {
    const own = { reason: "Our bags", by: "Ms. Reed", on: "2026-11-01", trials: null };
    const screen = await shown([entry("bread-flour", { own, grams: 131.5 })]);
    await screen.press("Bread flour");
    expect(screen.all(".sheet-side .note")[0]).toBe(
      "Our bags (one person’s figure)Ms. Reed, 2026-11-01. The book weight is 125 g.",
    );
    expect([screen.box("Grams in a US cup").value, screen.box("Why").value]).toEqual(["131.5", "Our bags"]);
    screen.type("Grams in a US cup", "132");
    await screen.press("Use our weight");
    await screen.press("Go back to the book weight");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["PUT /api/pantry/bread-flour", { grams: "132", reason: "Our bags" }],
      ["DELETE /api/pantry/bread-flour", undefined],
    ]);
  });

  it("says under each box what is wrong with it", async () => {
    const screen = await shown([entry("bread-flour")], {
      "PUT /api/pantry/bread-flour": refusal({ grams: "No flour weighs that.", reason: "Say why." }),
    });
    await screen.press("Bread flour");
    expect(screen.all(".sheet-side button")).not.toContain("Go back to the book weight"); // nothing to go back from
    await screen.press("Use our weight");
    expect(screen.wrong()).toEqual(["No flour weighs that.", "Say why."]);
  });

  it("takes away only a food the school added, and says why not", async () => {
    const screen = await shown([entry("own-teff", { name: "Teff", added: true })], {
      "DELETE /api/pantry/own-teff": refusal({ ingredient: "A recipe uses it." }, 409),
    });
    await screen.press("Teff");
    await screen.press("Remove");
    expect(screen.wrong()).toEqual(["A recipe uses it."]);
  });

  it.each([
    [{ measure: "1 3/4 cups", exact: true, error_pct: 0 }, "1 3⁄4 cups"],
    [{ measure: "1/2 cup", exact: false, error_pct: -2.25 }, "1⁄2 cup, nearest: −2.3% off"],
  ])("turns grams into the measure a cook has: %j", async (answer, says) => {
    const screen = await shown([entry("bread-flour")], { "GET /api/pantry/bread-flour/measure": answer });
    await screen.press("Bread flour");
    screen.type("Grams", "219");
    await screen.press("Calculate");
    expect(screen.sent.at(-1)?.query).toEqual({ grams: "219" });
    expect(screen.all("[role=status]")).toEqual([says]);
  });

  it("learns a food it does not know, and opens it", async () => {
    const teff = entry("own-teff", { name: "Teff", added: true });
    const entries = [entry("bread-flour")];
    const screen = await page(<PantryScreen />, {
      "GET /api/pantry": () => json(200, entries),
      "POST /api/pantry": () => {
        entries.push(teff);
        return json(201, { id: "own-teff" });
      },
    });
    screen.type("Its name", "Teff");
    screen.type("Measured like", "coarse-grain");
    screen.type("Grams in a US cup, or of a piece", "180");
    for (const allergen of ["wheat", "sesame", "wheat"]) await screen.tick(allergen);
    screen.type("Why", "Weighed four cups");
    await screen.press("Add");
    expect(bodies(screen)).toEqual([
      { name: "Teff", family: "coarse-grain", grams: "180", allergens: ["sesame"], reason: "Weighed four cups" },
    ]);
    await settle();
    expect(screen.all(".sheet-side h2")[0]).toBe("Teff");
  });

  it("says what a new food lacks, box by box", async () => {
    const screen = await shown([], {
      "POST /api/pantry": refusal({ name: "Name it.", grams: "Weigh it.", allergens: "Which?", reason: "Say why." }),
    });
    await screen.press("Add");
    expect(screen.wrong()).toEqual(["Name it.", "Weigh it.", "Which?", "Say why."]);
  });

  it.each([
    [null, ""],
    [125, "125"],
    [131.46, "131.5"],
    [9.5, "9.50"],
  ])("writes %s g as '%s'", (grams, text) => expect(weight(grams, "en")).toBe(text));
});
