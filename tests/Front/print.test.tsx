import { Route, Routes } from "react-router";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import CodeCards from "../../resources/js/print/CodeCards";
import PrintLab from "../../resources/js/print/PrintLab";
import PrintWall from "../../resources/js/print/PrintWall";
import { labLine, labSheet } from "./made";
import { page } from "./page";
import { json } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
});
beforeEach(() => speak("en"));
afterEach(() => vi.unstubAllGlobals());

const stations = [
  { id: 4, name: "Hazel", code: "HAZEL10", students: ["Oona", "Mateus"] },
  { id: 5, name: "Rowan", code: "ROWAN10", students: [] },
];
const salt = labLine({
  item: 32,
  position: 2,
  name: "Salt",
  text: null,
  amount: "6 g",
  measure: "6 g",
  plan: null,
  target_g: 6,
  decimals: 1,
  low_g: 5.4,
  high_g: 6.6,
  working: [],
  source: null,
});
const oats = {
  kind: "dry-cup",
  ml: 236.6,
  count: 1,
  nominal: "1",
  to_mark: null,
  mark_ml: null,
  tool: "c",
  called: "1 cup",
};
const flour = labLine({ fills: [oats as (typeof salt.fills)[number]], steps: ["Loosen it", "Sweep it level"] });
const sheet = labSheet({ stations, lines: [flour, salt] });

const printed = (what: string, of = sheet, answers: Record<string, unknown> = {}) =>
  page(
    <Routes>
      <Route path="/print/labs/:lab/:what" element={<PrintLab />} />
    </Routes>,
    { "GET /api/labs/8/sheet": of, ...answers },
    `/print/labs/8/${what}`,
  );

describe("on every page of a lab", () => {
  it.each(["cards", "sheet", "list", "techniques", "blank"])(
    "%s: its name, class and day stand on top",
    async (what) => {
      const screen = await printed(what);
      for (const head of screen.all(".paper-page header > div:last-child")) expect(head).toMatch(/^BunsFoods 1, .*1/);
      expect(screen.all(".print-bar button")).toEqual(["Back", "Print"]);
      expect(screen.place.querySelector(".print-page")?.getAttribute("data-theme")).toBe("flour"); // black on white
    },
  );

  it("stands how much of the recipe it is, where it is not once", async () => {
    const half = await printed("sheet", { ...sheet, factor: "1/2" });
    expect(half.all("header b")[0]).toBe("Buns, × 1⁄2");
    const once = await printed("sheet");
    expect(once.all("header b")[0]).toBe("Buns");
  });

  it("leads back to the lab from a page that is none", async () => {
    const screen = await printed("poster");
    expect(screen.where()).toBe("/labs/8/prepare");
  });

  it("prints at a tap", async () => {
    const print = vi.fn();
    vi.stubGlobal("print", print);
    const screen = await printed("list");
    await screen.press("Print");
    expect(print).toHaveBeenCalledOnce();
  });

  it("says why there is nothing to print", async () => {
    const screen = await printed("cards", sheet, {
      "GET /api/labs/8/sheet": () => json(404, { message: "There is no such lab.", reason: "x", errors: {} }),
    });
    expect(screen.text()).toContain("There is no such lab.");
  });
});

describe("station cards", () => {
  it("are one a station, with room to write and the bands under the fold", async () => {
    const screen = await printed("cards");
    expect(screen.all("h1")).toEqual(["Hazel", "Rowan"]);
    expect(screen.all("h1 + p")).toEqual(["Oona, Mateus"]);
    expect(screen.place.querySelectorAll(".card-box")).toHaveLength(2 * 2 * 2);
    expect(screen.all(".card-plan").slice(0, 2)).toEqual(["one 1 cup, one 1⁄2 cup, one 1⁄4 cup", "Weigh 6.0 g."]);
    expect(screen.all(".bands > span").slice(0, 2)).toEqual(["201.3–236.3Bread flour", "5.4–6.6Salt"]);
  });

  it("stand closer together when there are many lines", async () => {
    const many = Array.from({ length: 10 }, (_, i) => labLine({ item: i, name: `Food ${i}` }));
    const screen = await printed("cards", { ...sheet, lines: many });
    expect(screen.place.querySelector(".card-rows")?.getAttribute("data-many")).toBe("true");
    const most = await printed("cards", { ...sheet, lines: [...many, ...many.slice(0, 4)] });
    expect(most.place.querySelector(".card-rows")?.getAttribute("data-many")).toBe("most");
    expect(most.all(".card-row")).toHaveLength(2 * 14);
    const few = await printed("cards", { ...sheet, lines: many.slice(2) });
    expect(few.place.querySelector(".card-rows")?.getAttribute("data-many")).toBe("false");
  });

  it("have the lab's name in the head that each sheet of paper repeats, a code for the tablet, and name their file", async () => {
    const screen = await printed("cards", { ...sheet, title: "A very long name of a lab indeed" });
    expect(screen.all(".lettered thead")[0]).toContain("A very long name of a lab indeed");
    expect(screen.place.querySelector(".lettered thead svg title")?.textContent).toMatch(
      /^Scan to set up the tablet: \w+$/,
    );
    expect(screen.place.querySelector("h1")?.dataset.title).toMatch(
      /^Station cards, A very long name of a lab indeed, /,
    );
  });

  it("of a lab without stations are none", async () => {
    const screen = await printed("cards", { ...sheet, stations: [] });
    expect(screen.all(".paper-page")).toEqual([]);
  });
});

const step = (text: string) => ({
  text,
  by: "student" as const,
  gloves: false,
  note: null,
  lines: [],
  uses: [],
  cautions: [],
});

describe("the recipe sheet", () => {
  it("has cups and grams side by side, and where the grams come from", async () => {
    const screen = await printed("sheet", {
      ...sheet,
      allergens: ["wheat", "milk"],
      directions: [step("Mix."), step("Bake.")],
    });
    const rows = [...screen.place.querySelectorAll(".print-t tbody tr")].map((row) =>
      [...row.children].map((one) => one.textContent?.replace(/\s+/g, " ")),
    );
    expect(rows).toEqual([
      [
        "Bread flour",
        "1 3⁄4 cups bread flour",
        "1 3⁄4 cups",
        "219 g",
        "1 3⁄4 cups at 125 g each is 218.75 g. Weighed for Hovik",
      ],
      ["Salt", "6 g", "6 g", "6.0 g", ""],
    ]);
    expect(screen.text()).toContain("Contains wheat, milk. Warn the whole class.");
    expect(screen.all(".print-steps li")).toEqual(["Mix.", "Bake."]);
    expect(screen.all("h1 + p")).toEqual(["Makes 12"]);
  });

  it("leaves out what is not there", async () => {
    const screen = await printed("sheet", { ...sheet, makes: null });
    expect(screen.all(".every")).toEqual(["Follow your school's and local food-safety rules; they come first."]);
    expect(screen.place.querySelector(".print-steps, h1 + p")).toBeNull();
  });

  it("speaks Spanish, numbers too", async () => {
    await speak("es");
    const screen = await printed("sheet");
    expect(screen.all("td.num")).toEqual(["219 g", "6,0 g"]);
    expect(screen.text()).not.toContain("Where the grams come from");
  });
});

describe("the other pages", () => {
  it("the shopping list has a box to tick, and what is to be done before", async () => {
    const screen = await printed("list", {
      ...sheet,
      preparation: [
        { key: "a", text: "Soften the butter.", own: false, out: false },
        { key: "b", text: "Open the tins.", own: false, out: true },
      ],
    });
    expect(screen.text()).not.toContain("tins");
    expect(screen.all("h1 + p")).toEqual(["for 2 stations, with 10% for measuring again"]);
    expect(screen.all(".print-t tbody tr")).toEqual(["Bread flour1444 g"]);
    expect(screen.place.querySelectorAll(".tick-box")).toHaveLength(1);
    expect(screen.all(".print-steps li")).toEqual(["Soften the butter."]);
  });

  it("technique cards come four a page, each step in order", async () => {
    const five = Array.from({ length: 5 }, (_, i) => ({ ...flour, item: i, name: `Food ${i}` }));
    const screen = await printed("techniques", { ...sheet, lines: five });
    const pages = [...screen.place.querySelectorAll(".paper-page")].map(
      (one) => one.querySelectorAll("article").length,
    );
    expect(pages).toEqual([4, 1]);
    expect(screen.all("article:first-child li").slice(0, 2)).toEqual(["Loosen it", "Sweep it level"]);
  });

  it("weigh-in sheets have three boxes a line, for each station", async () => {
    const screen = await printed("blank");
    expect(screen.place.querySelectorAll(".cell-box")).toHaveLength(2 * 2 * 3);
  });

  it("a period has its order in words for each station", async () => {
    const task = (station: number, what: string, name: string, start_s: number) => ({
      station,
      what,
      name,
      start_s,
      end_s: start_s + 60,
      waited_s: 0,
      shared: [],
    });
    const screen = await printed("period", sheet, {
      "GET /api/labs/8/period": {
        title: "Buns",
        section: "Foods 1",
        minutes: 50,
        starts_at: "10:25",
        blocks: [],
        stations: ["Hazel", "Rowan"],
        running: null,
        began_at: null,
        in_two: false,
        stored: [],
        may_change: true,
        parts: [
          {
            end_s: 600,
            fits: true,
            spare_minutes: 9,
            bottleneck: null,
            saves: [],
            timeline: [
              task(0, "measure", "Flour", 0),
              task(0, "weigh", "Flour", 60),
              task(0, "measure", "Salt", 120),
              task(1, "measure", "Salt", 0),
            ],
            waits: [],
          },
        ],
      },
    });
    expect(screen.all(".period-orders tr")).toEqual(["HazelFlour · Salt", "RowanSalt"]);
  });
});

it("a station's card has what it measures, and what it has instead", async () => {
  const applesauce = labLine({ item: 31, position: 1001, name: "Applesauce", only_at: ["Hazel"], stations: [4] });
  const eggs = labLine({ item: 31, position: 1, name: "Eggs", stations: [5] });
  const lines = [flour, eggs, applesauce].map((one, i) => ({ ...one, position: one.position + i }));
  const swapped = labSheet({ stations, lines });
  for (const [what, row] of [
    ["cards", ".card-row .running > b"],
    ["blank", "tbody th"],
  ] as const) {
    const screen = await printed(what, swapped);
    const [hazel, rowan] = [...screen.place.querySelectorAll(".paper-page")].map((page) =>
      [...page.querySelectorAll(row)].map((one) => one.textContent),
    );
    expect([hazel?.some((one) => one?.includes("Applesauce")), hazel?.some((one) => one?.includes("Eggs"))]).toEqual([
      true,
      false,
    ]);
    expect([rowan?.some((one) => one?.includes("Applesauce")), rowan?.some((one) => one?.includes("Eggs"))]).toEqual([
      false,
      true,
    ]);
  }
  const sheetOf = await printed("sheet", swapped);
  expect(sheetOf.text()).toContain("ApplesauceOnly Hazel");
});

describe("for the wall", () => {
  const wall = (what: string, answers: Record<string, unknown>) =>
    page(
      <Routes>
        <Route path="/print/:what" element={<PrintWall />} />
      </Routes>,
      answers,
      `/print/${what}`,
    );

  it("the equivalents stand by this class's cup", async () => {
    const screen = await wall("chart", {
      "GET /api/chart": {
        section: "Foods 1",
        standard: "metric_250",
        rows: [
          { measure: "1/2 cup", spoons: "8 1/3 tbsp", teaspoons: "25", fluid_ounces: null, ml: 125 },
          { measure: "1 tsp", spoons: null, teaspoons: null, fluid_ounces: null, ml: 5 },
        ],
        tools: ["1 tsp", "1/2 cup"],
        weights: [{ name: "Bread flour", grams: 132.1, decimals: 0, source: "Household tables." }],
      },
    });
    expect(screen.all("h1 + p")).toEqual(["Metric cup, 250 mL"]);
    expect(screen.text()).toContain("Our tools: 1 tsp · 1⁄2 cup");
    expect(screen.all(".cup-weights li")).toEqual(["Bread flour 132 g Household tables."]);
    expect(screen.all("tbody tr")).toEqual(["1⁄2 cup8 1⁄3 tbsp25125.0", "1 tsp5.0"]);
  });

  it("has the codes to come in by, as pictures and as letters", async () => {
    const one = {
      code: "HJQSHK",
      settings: { name: "Foods 1" },
      stations: [{ id: 1, name: "Hazel", code: "HAZEL234" }],
    };
    const screen = await page(<CodeCards />, { "GET /api/sections/3": one }, "/print/codes?class=3");
    expect(screen.all(".code-big, .code-mid")).toEqual(["HJQSHK", "HAZEL234"]);
    expect(screen.all("svg title")).toEqual(["QR code to join with HJQSHK", "QR code to join with HAZEL234"]);
  });

  it("labels are for the tools that are owned, with where they live", async () => {
    const tool = { kind: "dry-cup", nominal: "1", ml: 236.59, place: null, fit: true };
    const screen = await wall("labels", {
      "GET /api/drawer": {
        scales: [],
        scale_kinds: [],
        named: [],
        tools: [
          { ...tool, id: "a", name: "the 1 cup", count: 2, place: "Hazel" },
          { ...tool, id: "b", name: "the 1/2 cup", count: 0 },
          { ...tool, id: "c", name: "a mug", kind: "novelty-scoop", count: 1, fit: false },
        ],
      },
    });
    expect(screen.all("article")).toEqual([
      expect.stringMatching(/the 1 cupDry measuring cups, 236\.6 mL, Hazel$/),
      expect.stringMatching(
        /a mugDecorated scoops and mugs, 236\.6 mLTheir rim cannot be leveled, so they are not used for weigh-ins\.$/,
      ),
    ]);
  });
});
