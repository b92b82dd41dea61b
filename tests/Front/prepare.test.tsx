import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import CarefulGroups from "../../resources/js/prepare/CarefulGroups";
import CopyLab from "../../resources/js/prepare/CopyLab";
import LabActions from "../../resources/js/prepare/LabActions";
import LabLineRow from "../../resources/js/prepare/LabLineRow";
import LabSettings from "../../resources/js/prepare/LabSettings";
import LineSettings from "../../resources/js/prepare/LineSettings";
import MakeLab from "../../resources/js/prepare/MakeLab";
import Mend from "../../resources/js/prepare/Mend";
import OpenLab from "../../resources/js/prepare/OpenLab";
import PasteBox from "../../resources/js/prepare/PasteBox";
import Portion from "../../resources/js/prepare/Portion";
import PreparedLabs from "../../resources/js/prepare/PreparedLabs";
import RecipeLineRow from "../../resources/js/prepare/RecipeLineRow";
import RecipeList from "../../resources/js/prepare/RecipeList";
import RecipeNotes from "../../resources/js/prepare/RecipeNotes";
import type { Sheet, SheetLine } from "../../resources/js/prepare/recipe";
import Scaler from "../../resources/js/prepare/Scaler";
import Settle from "../../resources/js/prepare/Settle";
import Supplies from "../../resources/js/prepare/Supplies";
import TakeIn from "../../resources/js/prepare/TakeIn";
import UnreadLines from "../../resources/js/prepare/UnreadLines";
import WhoseCups from "../../resources/js/prepare/WhoseCups";
import { type LabLine, labLine, labSheet } from "./made";
import { page, refusal } from "./page";
import { json, settle } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
});
beforeEach(() => speak("en"));
afterEach(() => {
  vi.unstubAllGlobals();
  vi.unstubAllEnvs();
  vi.useRealTimers();
});

const line = (more: Partial<SheetLine> = {}): SheetLine => ({
  id: "01A",
  text: "3 1/2 cups bread flour",
  status: "read",
  name: null,
  own_grams: null,
  said: null,
  parts: [
    { part: "amount", text: "3 1/2 cups" },
    { part: "filler", text: " " },
    { part: "ingredient", text: "bread flour" },
  ],
  mended: false,
  skip: false,
  open: false,
  reads_as: "Bread flour",
  family: "fine-powder",
  questions: [],
  choices: [],
  settled: null,
  methods: [],
  scaled: {
    amount: "3 1/2 cups",
    measure: "3 1/2 cups",
    measurable: true,
    grams: 437.5,
    decimals: 0,
    rounding_loss_g: 0,
    bakers_pct: 100,
    beaten_g: null,
    handling: "spooned and levelled",
    working: ["3 1/2 cups at 125 g each is 437.5 g."],
    source: "Weighed for Hovik",
  },
  ...more,
});
const ounces = line({
  id: "01B",
  text: "12 oz whole milk",
  open: true,
  reads_as: null,
  scaled: null,
  questions: [{ id: "ambiguous-ounce", text: "Ounces by weight, or fluid ounces?", must: true, kind: true }],
  choices: [
    {
      label: "by weight",
      grams: 340.2,
      decimals: 0,
      settled: { ingredient: "whole-milk", amount: "12", unit: "oz", method: null, g_per_us_cup: null },
    },
    {
      label: "fluid ounces",
      grams: null,
      decimals: 0,
      settled: { ingredient: "whole-milk", amount: "12", unit: "fl-oz", method: null, g_per_us_cup: null },
    },
  ],
});

const sheet = (more: Partial<Sheet> = {}): Sheet => ({
  id: 5,
  title: "Cardamom oat buns",
  makes: "12",
  version: 2,
  versions: [],
  section: { id: 3, name: "Foods 1", stations: 6 },
  standard: "us_customary",
  recipe_standard: null,
  less: "3/4",
  more: "1 1/2",
  factor: "1",
  text: "Cardamom oat buns",
  lines: [line()],
  directions: [],
  findings: [],
  cautions: [],
  open: 0,
  labs: [
    {
      for: "class",
      each: "1/6",
      all: "1",
      supplies: [{ name: "Bread flour", measure: "4 cups", grams: 481.25, decimals: 0 }],
    },
    {
      for: "station",
      each: "1",
      all: "6",
      supplies: [{ name: "Bread flour", measure: null, grams: 2887.5, decimals: 0 }],
    },
  ],
  retry_pct: 10,
  notes: [],
  ...more,
});

type Class = { id: number; name: string; starts_at?: string; next_day?: string };

const today = (sections: Class[] = [{ id: 3, name: "Foods 1" }]) => ({
  time_zone: "America/Chicago",
  unchecked_scales: [],
  sections: sections.map((one) => ({
    code: "ABCDEF",
    runs: true,
    is_now: false,
    meets: true,
    next_day: "2026-12-03",
    open_to_join: false,
    starts_at: "10:25",
    ends_at: "11:15",
    ...one,
    stations: [],
    labs: [
      { id: 8, title: "Buns", state: "prepared", planned_for: "2026-12-01", ingredients: 4, opened_at: null },
      { id: 9, title: "Scones", state: "open", planned_for: "2026-12-01", ingredients: 4, opened_at: "2026-12-01" },
    ],
  })),
});

describe("a pasted recipe", () => {
  it("goes to its own page once it is read, and a double click makes one", async () => {
    const screen = await page(<PasteBox />, { "POST /api/recipes": { id: 12 } });
    screen.type("Paste a recipe", "Buns\n1 cup flour");
    screen.button("Read the recipe").click();
    await screen.press("Read the recipe");
    expect(screen.changes()).toEqual([
      { asked: "POST /api/recipes", query: {}, body: { text: "Buns\n1 cup flour", title: "", flour: "" } },
    ]);
    expect(screen.where()).toBe("/recipes/12");
  });

  it("is refused beside the box it is about, until something is changed there", async () => {
    const answers = { "POST /api/recipes": refusal({ title: "Give it a name." }) as unknown };
    const screen = await page(<PasteBox />, answers);
    screen.type("Paste a recipe", "1 cup flour");
    await screen.press("Read the recipe");
    expect(screen.wrong()).toEqual(["Give it a name."]);
    expect(screen.box("Recipe name, if the text has none").getAttribute("aria-invalid")).toBe("true");
    expect(screen.box("Paste a recipe").getAttribute("aria-invalid")).toBe("false");
    screen.type("Recipe name, if the text has none", "Buns");
    expect(screen.wrong()).toEqual([]);
    answers["POST /api/recipes"] = refusal({ text: "Nothing in it can be measured." });
    await screen.press("Read the recipe");
    expect(screen.wrong()).toEqual(["Nothing in it can be measured."]);
    expect(screen.box("Paste a recipe").value).toBe("1 cup flour"); // what was typed stays
    expect(screen.where()).toBe("/");
  });
});

describe("what lines leave open", () => {
  it("is settled by one tap, with what it weighs beside it", async () => {
    const screen = await page(<Settle sheet={sheet({ lines: [line(), ounces], open: 1 })} />);
    expect(screen.text()).toContain("1 ingredient cannot be measured yet");
    expect(screen.all(".settle button")).toEqual(["by weight340 g", "fluid ounces"]);
    await screen.press("fluid ounces");
    expect(screen.changes()).toEqual([
      {
        asked: "PUT /api/recipes/5/lines/01B",
        query: {},
        body: {
          as: "settled",
          ingredient: "whole-milk",
          amount: "12",
          unit: "fl-oz",
          method: null,
          g_per_us_cup: null,
        },
      },
    ]);
  });

  it("can be left out where nothing is offered, and what is only worth a look stands below", async () => {
    const strange = line({ id: "01C", text: "a handful of joy", open: true, scaled: null, reads_as: null });
    strange.questions = [{ id: "which-kind", text: "What is it?", must: true, kind: true }];
    const salt = line({
      id: "01D",
      text: "2 tsp salt",
      questions: [{ id: "salt-crystal", text: "Which salt?", must: false, kind: true }],
    });
    const screen = await page(<Settle sheet={sheet({ lines: [salt, strange], open: 1 })} />);
    expect(screen.all("h4")).toEqual(["1a handful of joy", "22 tsp salt"]);
    expect(screen.all("h3")).toEqual(["Check these"]);
    await screen.press("Leave it out");
    expect(screen.changes()[0]).toMatchObject({ asked: "PUT /api/recipes/5/lines/01C", body: { as: "left-out" } });
  });

  it("says when nothing is left, and what the server would not take", async () => {
    const done = await page(<Settle sheet={sheet()} />);
    expect(done.text()).toContain("Nothing left to decide.");
    const refused = await page(<Settle sheet={sheet({ lines: [ounces], open: 1 })} />, {
      "PUT /api/recipes/5/lines/01B": refusal({ unit: "Milk is not sold so." }),
    });
    await refused.press(/^by weight/);
    expect(refused.wrong()).toEqual(["Milk is not sold so."]);
  });
});

describe("how much of a recipe", () => {
  const scaler = (
    factor: string,
    want = vi.fn(),
    wanted = {},
    steps = { less: "3/4", more: "1 1/2" } as Partial<Sheet>,
    isWorking = false,
  ) => (
    <Scaler
      sheet={sheet({ factor, lines: [line(), ounces], ...steps })}
      wanted={wanted}
      want={want}
      isWorking={isWorking}
      problem={undefined}
    />
  );

  it.each([
    ["Larger batch", "1 1/2"],
    ["Smaller batch", "3/4"],
  ])("steps as the server says: %s is × %s", async (button, to) => {
    const want = vi.fn();
    const screen = await page(scaler("1", want, { section: 4 }));
    await screen.press(button);
    expect(want).toHaveBeenCalledExactlyOnceWith({ section: 4, factor: to });
  });

  it("takes each step that is pressed while the one before is worked out, after it", async () => {
    const want = vi.fn();
    const screen = await page(scaler("1", want, {}, { less: "3/4", more: null }, true));
    await screen.press("Smaller batch");
    await screen.press("Smaller batch");
    expect(want).not.toHaveBeenCalled();
    await screen.again(scaler("3/4", want, {}, { less: "2/3", more: "1" }));
    expect(want).toHaveBeenLastCalledWith({ factor: "2/3" });
    await screen.again(scaler("2/3", want, {}, { less: "1/2", more: "3/4" }));
    expect(want).toHaveBeenLastCalledWith({ factor: "1/2" });
    await screen.again(scaler("1/2", want, {}, { less: "1/3", more: "2/3" }));
    expect(want).toHaveBeenCalledTimes(2);
  });

  it("ends at both ends", async () => {
    const least = await page(scaler("1/6", vi.fn(), {}, { less: null }));
    expect([least.button("Smaller batch").disabled, least.button("Larger batch").disabled]).toEqual([true, false]);
    const most = await page(scaler("200", vi.fn(), {}, { more: null }));
    expect([most.button("Smaller batch").disabled, most.button("Larger batch").disabled]).toEqual([false, true]);
  });

  it("takes any factor that is typed, and nothing where nothing was", async () => {
    const want = vi.fn();
    const screen = await page(scaler("1", want));
    await screen.leave("How many times");
    expect(want).not.toHaveBeenCalled();
    screen.type("How many times", " 2 3/5 ");
    await screen.leave("How many times");
    expect(want).toHaveBeenCalledExactlyOnceWith({ factor: "2 3/5" });
  });

  it("follows from what is to be used up, of a line that has a weight", async () => {
    const want = vi.fn();
    const screen = await page(scaler("1", want));
    expect(screen.all("option")).toEqual(["Bread flour"]);
    screen.type("Grams of Bread flour you have", "612,5");
    await screen.press("Use what you have");
    expect(want).toHaveBeenCalledExactlyOnceWith({ use_up_line: "01A", use_up_g: "612.5" });
    const none = await page(
      <Scaler sheet={sheet({ lines: [ounces] })} wanted={{}} want={want} isWorking={false} problem="Type grams." />,
    );
    expect(none.place.querySelector("details")).toBeNull();
    expect(none.wrong()).toEqual(["Type grams."]);
  });
});

describe("a batch shared out", () => {
  it("says portions and what is left, or what it could not read", async () => {
    const answers: Record<string, unknown> = { "GET /api/portions": { portions: 30, left: "1/3 cup" } };
    const screen = await page(<Portion section={3} />, answers);
    await screen.press("Calculate");
    expect(screen.sent.at(-1)).toMatchObject({ query: { batch: "10 cups", each: "1/3 cup", section: "3" } });
    expect(screen.place.querySelector("[role=status]")?.textContent).toBe("30 portions, 1⁄3 cup left over");
    screen.type("For each", "some");
    answers["GET /api/portions"] = refusal({ each: "How much is that?" });
    await screen.press("Calculate");
    expect(screen.wrong()).toEqual(["How much is that?"]);
    expect(screen.box("For each").getAttribute("aria-invalid")).toBe("true");
    expect(screen.box("In all").getAttribute("aria-invalid")).toBe("false");
  });
});

describe("a recipe in shares of the flour", () => {
  it("asks for the flour beside its box, and sends it", async () => {
    const screen = await page(<PasteBox />, {
      "POST /api/recipes": refusal({ flour: "How many grams of flour?" }),
    });
    screen.type("Paste a recipe", "Bread\n100% flour");
    expect(screen.all("label > span")).not.toContain("Grams of flour");
    await screen.press("Read the recipe");
    expect(screen.wrong()).toEqual(["How many grams of flour?"]);
    screen.type("Grams of flour", "500");
    await screen.press("Read the recipe");
    expect(screen.changes()[1]?.body).toEqual({ text: "Bread\n100% flour", title: "", flour: "500" });
  });
});

describe("several lines that were not read", () => {
  const two = [line({ id: "A", text: "CRUST" }), line({ id: "B", text: "Enjoy!" }), line({ id: "C", text: "2 zorbs" })];

  it("are headings, or left out, in one go", async () => {
    const screen = await page(<UnreadLines recipe={5} lines={two} />, { "POST /api/recipes/5/lines": {} });
    expect(screen.all("h4")).toEqual(["3 lines were not read"]);
    await screen.tick("2 zorbs");
    await screen.press("These are headings");
    await screen.tick("CRUST");
    await screen.press("Leave these out");
    expect(screen.changes().map((one) => one.body)).toEqual([
      { as: "heading", lines: ["A", "B"] },
      { as: "left-out", lines: ["B"] },
    ]);
  });
});

describe("mending a line", () => {
  const names = {
    ingredients: [
      { id: "bread-flour", name: "Bread flour", also: ["strong flour", "Harina de fuerza"] },
      { id: "whole-milk", name: "Whole milk", also: ["milk", "Leche entera"] },
      { id: "egg-large", name: "Large egg", also: ["Huevo grande"] },
    ],
    usual: [
      { family: "fine-powder", grams: 120 },
      { family: "coarse-grain", grams: 160 },
    ],
    units: [
      { id: "cup", name: "cup" },
      { id: "fl-oz", name: "fluid ounce" },
    ],
  };
  const settled = {
    ingredient: "bread-flour",
    amount: "3 1/2",
    unit: "cup",
    method: null,
    g_per_us_cup: null,
  } as const;
  const methods = [{ id: "dip-sweep", name: "Dip and sweep" }];

  it("begins with what is settled, and sends all of it", async () => {
    const done = vi.fn();
    const screen = await page(<Mend recipe={5} line={line({ settled, methods })} done={done} />, {
      "GET /api/pantry/names": names,
    });
    expect([screen.box("Choose the ingredient").value, screen.box("Amount").value]).toEqual(["bread-flour", "3 1/2"]);
    screen.type("Amount", "4");
    screen.type("Method", "dip-sweep");
    await screen.press("Decide");
    expect(screen.changes()).toEqual([
      {
        asked: "PUT /api/recipes/5/lines/01A",
        query: {},
        body: {
          as: "settled",
          ingredient: "bread-flour",
          amount: "4",
          unit: "cup",
          method: "dip-sweep",
          g_per_us_cup: null,
        },
      },
    ]);
    expect(done).toHaveBeenCalledOnce();
  });

  it("offers a method only for the food it is of", async () => {
    const screen = await page(<Mend recipe={5} line={line({ settled, methods })} done={() => {}} />, {
      "GET /api/pantry/names": names,
    });
    expect(screen.all("label > span")).toContain("Method");
    screen.type("Choose the ingredient", "whole-milk");
    expect(screen.all("label > span")).not.toContain("Method");
  });

  it("finds a food by any of its names, in either language, without accents", async () => {
    const screen = await page(<Mend recipe={5} line={line({ status: "unread" })} done={() => {}} />, {
      "GET /api/pantry/names": names,
    });
    expect(screen.all("select option").slice(0, 4)).toEqual([
      "3 to choose from",
      "Bread flour",
      "Whole milk",
      "Large egg",
    ]);
    screen.type("Find the ingredient", "LÉche");
    expect(screen.all(".food-picker option")).toEqual(["1 to choose from", "Whole milk"]);
    screen.type("Find the ingredient", "harina fuerza");
    expect(screen.all(".food-picker option")).toEqual(["1 to choose from", "Bread flour"]);
    screen.type("Find the ingredient", "zorb");
    expect(screen.all(".food-picker option")).toEqual(["0 to choose from"]);
  });

  it("adds a food on its line, weighing what its family does until somebody weighs it", async () => {
    const screen = await page(
      <Mend recipe={5} line={line({ status: "partly", name: "ñame morado" })} done={() => {}} />,
      {
        "GET /api/pantry/names": names,
        "POST /api/pantry": { id: "own-ñame-morado" },
      },
    );
    await screen.press("Add this food to the pantry");
    expect([screen.box("Its name").value, screen.box("Grams in a US cup, or of a piece").value]).toEqual([
      "ñame morado",
      "120",
    ]);
    screen.type("Measured like", "coarse-grain");
    expect(screen.box("Grams in a US cup, or of a piece").value).toBe("160");
    screen.type("Why", "A guess");
    await screen.press("Add");
    expect(screen.changes()[0]?.body).toMatchObject({ name: "ñame morado", family: "coarse-grain", grams: "160" });
    expect(screen.all(".mend legend")).toEqual([]);
  });

  it("begins with the amount that was read, where the food is not known", async () => {
    const unknown = line({ status: "partly", name: "moo juice", said: { amount: "1 1/2", unit: "fl-oz" } });
    const screen = await page(<Mend recipe={5} line={unknown} done={() => {}} />, { "GET /api/pantry/names": names });
    expect([screen.box("Amount").value, screen.box("Unit").value]).toEqual(["1 1/2", "fl-oz"]);
  });

  it("says that a line is a heading", async () => {
    const screen = await page(<Mend recipe={5} line={line({ status: "unread" })} done={() => {}} />, {
      "GET /api/pantry/names": names,
    });
    await screen.press("It is a heading");
    expect(screen.changes()[0]?.body).toEqual({ as: "heading" });
  });

  it("begins with the first choice where nothing is settled yet, and puts each refusal under its box", async () => {
    const done = vi.fn();
    const screen = await page(<Mend recipe={5} line={ounces} done={done} />, {
      "GET /api/pantry/names": names,
      "PUT /api/recipes/5/lines/01B": refusal({ amount: "How much?", ingredient: "Choose one." }),
    });
    expect([screen.box("Choose the ingredient").value, screen.box("Amount").value]).toEqual(["whole-milk", "12"]);
    await screen.press("Decide");
    expect(screen.wrong()).toEqual(["Choose one.", "How much?"]);
    expect(done).not.toHaveBeenCalled();
  });

  it.each([
    [{}, ["Decide", "Leave it out", "Add this food to the pantry", "Close"]],
    [{ mended: true }, ["Decide", "Leave it out", "Add this food to the pantry", "Read it as written", "Close"]],
    [{ skip: true }, ["Decide", "Add this food to the pantry", "Read it as written", "Close"]],
  ])("of a line that is %j has these ways: %j", async (more, buttons) => {
    const screen = await page(<Mend recipe={5} line={line({ settled, ...more })} done={() => {}} />, {
      "GET /api/pantry/names": names,
    });
    expect(screen.all("button")).toEqual(buttons);
    if (buttons.includes("Read it as written")) {
      await screen.press("Read it as written");
      expect(screen.changes().at(-1)?.body).toEqual({ as: "read" });
    }
  });
});

describe("a line of a recipe", () => {
  const row = (one: SheetLine, hasFlour = true, mend = vi.fn(), number = 0) => (
    <table>
      <tbody>
        <RecipeLineRow recipe={5} line={one} number={number} hasFlour={hasFlour} mending={false} mend={mend} />
      </tbody>
    </table>
  );

  it("has the number of its question, which leads there", async () => {
    const screen = await page(row(line(), true, undefined, 2));
    expect(screen.all("a.ask-no")).toEqual(["2"]);
    expect(screen.place.querySelector("a.ask-no")?.getAttribute("href")).toBe(`#settle-${line().id}`);
    expect((await page(row(line()))).all("a.ask-no")).toEqual([]);
  });

  it("stands as written, as read, and at this size", async () => {
    const screen = await page(row(line()));
    expect(screen.all(".written > span")).toEqual(["3 1⁄2 cups", "", "bread flour"]);
    expect(screen.all("td").slice(0, 4)).toEqual([
      "3 1⁄2 cups bread flourBread flour, spooned and levelled",
      "3 1⁄2 cups",
      "438 g3 1⁄2 cups at 125 g each is 437.5 g.Weighed for Hovik",
      "100%",
    ]);
    const bare = await page(row(line(), false));
    expect(bare.all("td")).toHaveLength(4);
  });

  it.each([
    ["left out", { skip: true }, "Left out: not measured."],
    ["mended", { mended: true }, "Decided by you: Bread flour"],
    ["open", { ...ounces }, "Ounces by weight, or fluid ounces?"],
  ])("that is %s says so", async (_, more, says) => {
    const screen = await page(row(line(more as Partial<SheetLine>)));
    expect(screen.all(".paper .soft")[0]).toContain(says);
  });

  it("says what rounding would lose, and eggs in grams", async () => {
    const scaled = line().scaled as NonNullable<SheetLine["scaled"]>;
    const near = { ...scaled, measurable: false, rounding_loss_g: 12.4, bakers_pct: null };
    const rounded = await page(row(line({ scaled: near })));
    expect(rounded.text()).toContain("nearest measure");
    expect(rounded.text()).toContain("Rounding before multiplying would be 12 g off.");
    const small = await page(row(line({ scaled: { ...near, rounding_loss_g: 0.5 } })));
    expect(small.text()).toContain("would be 0.5 g off");
    const none = await page(row(line({ scaled: { ...near, rounding_loss_g: 0.01 } })));
    expect(none.text()).not.toContain("Rounding one batch");
    const egg = await page(row(line({ scaled: { ...near, beaten_g: 75 } })));
    expect(egg.text()).toContain("75 g beaten egg");
    expect(egg.text()).not.toContain("nearest measure");
  });

  it("opens and closes its mending", async () => {
    const mend = vi.fn();
    const screen = await page(row(line(), true, mend));
    await screen.press("Fix: 3 1/2 cups bread flour");
    expect(mend).toHaveBeenCalledExactlyOnceWith(true);
    expect(screen.button(/^Fix/).getAttribute("aria-expanded")).toBe("false");
  });
});

describe("a lab made from a recipe", () => {
  it("asks who makes it, and shows what is to be bought then", async () => {
    const screen = await page(<MakeLab sheet={sheet()} />, {
      "GET /api/today": today(),
      "POST /api/recipes/5/labs": { id: 21 },
    });
    expect(screen.all("legend")).toEqual(["Who makes × 1?"]);
    expect(screen.place.querySelector(".to-buy")).toBeNull();
    await screen.tick(/^Each station/);
    expect(screen.text()).toContain("× 1 at each station, × 6 in all");
    expect(screen.all(".to-buy li")).toEqual(["Bread flour2888 g"]);
    await screen.tick(/^The whole class/);
    expect(screen.all(".to-buy li")).toEqual(["Bread flour481 g"]);
    screen.type("Day", "2026-12-03");
    await screen.press("Make a lab");
    expect(screen.changes()).toEqual([
      {
        asked: "POST /api/recipes/5/labs",
        query: {},
        body: { section: 3, planned_for: "2026-12-03", factor: "1", for: "class" },
      },
    ]);
    expect(screen.where()).toBe("/labs/21/prepare");
  });

  it("asks nothing of a class with one station, and which class where there are several", async () => {
    const alone = sheet({ section: { id: 3, name: "Foods 1", stations: 1 } });
    const two = today([
      { id: 3, name: "Foods 1" },
      { id: 4, name: "Foods 2" },
    ]);
    const screen = await page(<MakeLab sheet={alone} />, { "GET /api/today": two });
    expect(screen.place.querySelector("fieldset")).toBeNull();
    screen.type("Class", "4");
    await screen.press("Make a lab");
    expect(screen.changes()[0]?.body).toMatchObject({ section: 4, for: "station" });
  });

  it("says beside its box what is missing", async () => {
    const answers: Record<string, unknown> = {
      "GET /api/today": today(),
      "POST /api/recipes/5/labs": refusal({ for: "Say who makes it." }),
    };
    const screen = await page(<MakeLab sheet={sheet()} />, answers);
    await screen.press("Make a lab");
    expect(screen.changes()[0]?.body).toMatchObject({ for: null });
    expect(screen.wrong()).toEqual(["Say who makes it."]);
    answers["POST /api/recipes/5/labs"] = refusal({ planned_for: "That day is over." });
    await screen.press("Make a lab");
    expect(screen.wrong()).toEqual(["That day is over."]);
    answers["POST /api/recipes/5/labs"] = refusal({ lines: "Settle the open lines first." });
    screen.type("Day", "2026-12-04");
    await screen.press("Make a lab");
    expect(screen.wrong()).toEqual(["Settle the open lines first."]);
  });

  it("is for the next day on which the class meets, as the server says", async () => {
    const two = today([
      { id: 3, name: "Foods 1", next_day: "2026-12-03" },
      { id: 4, name: "Foods 2", next_day: "2026-12-04" },
    ]);
    const screen = await page(<MakeLab sheet={sheet()} />, { "GET /api/today": two });
    expect(screen.box("Day").value).toBe("2026-12-03");
    screen.type("Class", "4");
    expect(screen.box("Day").value).toBe("2026-12-04");
  });
});

const ITEM = "PUT /api/labs/8/items/31";

describe("a line of a lab", () => {
  const stations = [
    { id: 4, name: "Hazel", code: "HAZEL10", students: [] },
    { id: 5, name: "Alder", code: "ALDER10", students: [] },
  ];
  const row = (one: LabLine, frozen = false) => (
    <>
      <table>
        <tbody>
          <LabLineRow line={one} isOpen open={() => undefined} />
        </tbody>
      </table>
      <LineSettings lab={8} line={one} stations={stations} frozen={frozen} close={() => undefined} />
    </>
  );

  it("is swapped or left out at one station, and as everybody's again", async () => {
    const swaps = [{ station_id: 5, station: "Alder", text: null }];
    const AT = "/api/labs/8/items/31/swaps";
    const screen = await page(row(labLine({ swaps })), {
      [`PUT ${AT}/4`]: refusal({ text: "Write an amount and a food." }),
      [`DELETE ${AT}/5`]: {},
    });
    expect(screen.all(".swaps li")).toEqual(["Alder: left out As everybody"]);
    screen.type("Instead", "applesauce");
    await screen.press("Swap it");
    expect(screen.wrong()).toEqual(["Write an amount and a food."]);
    screen.type("Instead", "");
    await screen.press("Leave it out");
    await screen.press("As everybody");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      [`PUT ${AT}/4`, { text: "applesauce" }],
      [`PUT ${AT}/4`, { text: null }],
      [`DELETE ${AT}/5`, undefined],
    ]);
    const instead = await page(row(labLine({ only_at: ["Hazel"], stations: [4], position: 1001 })));
    expect(instead.text()).toContain("Only Hazel");
    expect(instead.all("select, .swaps")).toEqual([]); // it is settled on the line it stands for
  });

  it("says measure, tools, why, target and where it comes from", async () => {
    const screen = await page(row(labLine({ warnings: [{ id: "tight", text: "Tighter than hands." }] })));
    expect(screen.all("td .plan")).toEqual(["one 1 cup, one 1⁄2 cup, one 1⁄4 cup"]);
    expect(screen.all(".how li").slice(0, 2)).toEqual(["The fewest fills.", "seven 1⁄4 cups"]);
    expect(screen.all("td.num")).toEqual(["219 g ±17.5 g"]);
    expect(screen.all(".careful-times")).toEqual(["91"]);
    expect(screen.text()).toContain("Tighter than hands.");
    const weighed = await page(row(labLine({ plan: null, why: null, alternatives: [] })));
    expect(weighed.all("td .plan")).toEqual(["Weigh it instead"]);
  });

  it.each([
    [
      "Tolerance for Bread flour: tight, normal or loose",
      "free",
      { strictness: "free", mode: "checked", tolerance_pct: null },
    ],
    ["How Bread flour is measured", "weight", { strictness: "structural", mode: "weight", tolerance_pct: null }],
  ])("'%s': %s sends the rest as it is", async (label, value, body) => {
    const screen = await page(row(labLine()));
    screen.type(label, value);
    await settle();
    expect(screen.changes()).toEqual([{ asked: ITEM, query: {}, body }]);
  });

  it("keeps its own tolerance when something else is changed, and loses it when the box is emptied", async () => {
    const own = labLine({ own_tolerance: true, tolerance_pct: 4.5 });
    const tolerance = "Tolerance for Bread flour in percent; leave empty for the usual";
    const screen = await page(row(own));
    expect(screen.box(tolerance).value).toBe("4.5");
    await screen.tick("on the shared shelf");
    expect(screen.changes()[0]?.body).toMatchObject({ tolerance_pct: 4.5, shared: true });
    screen.type(tolerance, " ");
    await screen.leave(tolerance);
    expect(screen.changes()[1]?.body).toMatchObject({ tolerance_pct: null });
  });

  it.each([
    ["4,5", "4.5"],
    ["12", "12"],
    ["x", "x"], // the server says what is wrong with it
  ])("takes a tolerance of '%s'", async (typed, sent) => {
    const screen = await page(row(labLine()), { [ITEM]: refusal({ tolerance_pct: "Not that." }) });
    const label = /^Tolerance for Bread flour in percent/;
    screen.type(label, typed);
    await screen.leave(label);
    expect(screen.changes()[0]?.body).toMatchObject({ tolerance_pct: sent });
    expect(screen.wrong()).toEqual(["Not that."]);
    expect(screen.box(label).getAttribute("aria-invalid")).toBe("true");
  });

  it("sends nothing for a tolerance that is as it was", async () => {
    const screen = await page(row(labLine()));
    for (const same of ["8", "8.0", ""]) {
      screen.type(/in percent/, same);
      await screen.leave(/in percent/);
    }
    expect(screen.changes()).toEqual([]);
  });

  it("is taken out, and stays as it is once frozen", async () => {
    const screen = await page(row(labLine()));
    await screen.sure("Remove Bread flour from the lab", "Yes, remove it");
    await screen.press("Undo");
    await screen.again(null);
    const asked = { asked: "DELETE /api/labs/8/items/31", query: { ask: "first" }, body: undefined };
    expect(screen.changes()).toEqual([asked]);
    await screen.again(row(labLine()));
    await screen.sure("Remove Bread flour from the lab", "Yes, remove it");
    await screen.again(null);
    expect(screen.changes()).toEqual([asked, asked, { ...asked, query: {} }]);
    const frozen = await page(row(labLine(), true));
    const off = [...frozen.place.querySelectorAll<HTMLInputElement>("input, select")].map((one) => one.disabled);
    expect(off).toEqual([true, true, true, true]);
    expect(frozen.all(".line-settings button")).toEqual(["Close"]);
  });
});

describe("what becomes of a lab", () => {
  it("is opened once, and leads to its board", async () => {
    const screen = await page(<OpenLab sheet={labSheet()} />, { "POST /api/labs/8/open": { id: 8 } });
    screen.button("Open the lab").click();
    await screen.press("Open the lab");
    expect(screen.changes().map(({ asked }) => asked)).toEqual(["POST /api/labs/8/open"]);
    expect(screen.where()).toBe("/labs/8");
  });

  it("is not opened where the server refuses it, in words", async () => {
    const screen = await page(<OpenLab sheet={labSheet()} />, {
      "POST /api/labs/8/open": () => json(409, { message: "Settle the lines first.", reason: "x", errors: {} }),
    });
    await screen.press("Open the lab");
    expect([screen.wrong(), screen.where()]).toEqual([["Settle the lines first."], "/"]);
  });

  it("is copied to a class and a day, or put away", async () => {
    const screen = await page(<LabActions sheet={labSheet()} />, {
      "GET /api/today": today([{ id: 1, name: "Foods 1", next_day: "2026-12-03" }]),
      "POST /api/labs/8/copy": { ids: [44] },
    });
    await screen.press("Copy");
    await screen.press("Make the copy");
    expect(screen.changes().at(-1)?.body).toEqual({ copies: [{ section: 1, planned_for: "2026-12-03" }] });
    expect(screen.where()).toBe("/labs/44/prepare");
    await screen.press("Archive");
    expect(screen.where()).toBe("/prepare");
  });

  it("is copied to several classes and days at once, each refused beside its own row", async () => {
    const two = today([
      { id: 1, name: "Foods", starts_at: "08:00", next_day: "2026-12-03" },
      { id: 2, name: "Foods", starts_at: "10:00", next_day: "2026-12-04" },
    ]);
    const answers: Record<string, unknown> = {
      "GET /api/today": two,
      "POST /api/labs/8/copy": refusal({ "copies.1.planned_for": "That is no day." }),
    };
    const screen = await page(<CopyLab sheet={labSheet()} done={() => undefined} />, answers);
    expect(screen.all("option")).toEqual(["Foods · 08:00", "Foods · 10:00"]); // same names told apart
    await screen.press("One more class or day");
    await screen.press("Make 2 copies");
    expect(screen.changes()[0]?.body).toEqual({
      copies: [
        { section: 2, planned_for: "2026-12-04" }, // who has it already comes last
        { section: 1, planned_for: "2026-12-03" },
      ],
    });
    expect(screen.wrong()).toEqual(["That is no day."]);
    answers["POST /api/labs/8/copy"] = { ids: [44, 45] };
    await screen.press("Make 2 copies");
    expect(screen.where()).toBe("/prepare/calendar");
  });

  it("that was opened goes to its board only", async () => {
    const screen = await page(<OpenLab sheet={labSheet({ state: "closed" })} />);
    expect(screen.all("button")).toEqual([]);
    expect(screen.link("Go to the board").getAttribute("href")).toBe("/labs/8");
  });
});

describe("what is settled about a lab", () => {
  const two = today([
    { id: 1, name: "Foods 1" },
    { id: 2, name: "Foods 2" },
  ]);
  const label = "Extra for measuring again, %";

  it("is kept as soon as it is chosen, all of it", async () => {
    const screen = await page(<LabSettings sheet={labSheet()} />, { "GET /api/today": two });
    await screen.leave(label);
    expect(screen.changes()).toEqual([]);
    screen.type(label, "25");
    await screen.leave(label);
    screen.type("Class", "2");
    await settle();
    const kept = { title: "Buns", planned_for: "2026-12-01", retry_pct: 25 };
    expect(screen.changes().map(({ body }) => body)).toEqual([
      { ...kept, section: 1 },
      { ...kept, section: 2 },
    ]);
  });

  it("has hours of its own, on the day of an open lab as well, and goes back to the bells", async () => {
    const screen = await page(<LabSettings sheet={labSheet({ state: "open", own_hours: true })} />, {
      "GET /api/today": two,
    });
    expect(screen.box(label).disabled).toBe(true);
    screen.type("Ends", "10:50");
    await screen.leave("Ends");
    await screen.press("Back to the class hours");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["PUT /api/labs/8/hours", { starts_at: "10:25", ends_at: "10:50" }],
      ["DELETE /api/labs/8/hours", undefined],
    ]);
  });

  it("says when the class does not meet on that day", async () => {
    const screen = await page(<LabSettings sheet={labSheet({ meets: false })} />, { "GET /api/today": two });
    expect(screen.text()).toContain("Foods 1 does not meet on that day.");
  });
});

describe("supplies", () => {
  it("stand for a station and the class", async () => {
    const screen = await page(<Supplies sheet={labSheet()} />);
    expect(screen.all("tbody td")).toEqual(["2 cups", "241 g", "", "1444 g"]);
  });

  it("speak Spanish", async () => {
    await speak("es");
    const [flour] = labSheet().supplies;
    const small = labSheet({ supplies: flour ? [{ ...flour, station_g: 2.5, decimals: 1 }] : [] });
    const screen = await page(<Supplies sheet={small} />);
    expect(screen.all("tbody td")[1]).toBe("2,5 g");
  });
});

describe("the lists of what there is", () => {
  it("name each recipe with its version, or say how to begin", async () => {
    const recipe = { id: 5, title: "Buns", version: 3, changed_at: "2026-11-20T10:00:00Z", ingredients: 1 };
    const screen = await page(<RecipeList />, { "GET /api/recipes": [recipe] });
    expect(screen.link(/^Buns/).getAttribute("href")).toBe("/recipes/5");
    expect(screen.text()).toContain("1 ingredient, version 3, changed");
    const empty = await page(<RecipeList />, { "GET /api/recipes": [] });
    expect(empty.text()).toContain("No recipe yet. Paste one to begin.");
    const broken = await page(<RecipeList />, {
      "GET /api/recipes": () => json(500, { message: "The kitchen is away." }),
    });
    expect(broken.all("li")).toEqual([]);
    expect(broken.all("button").length).toBeGreaterThan(0); // try again
  });

  it("show only labs that wait for their day", async () => {
    const screen = await page(<PreparedLabs />, { "GET /api/today": today() });
    expect(screen.all("a b")).toEqual(["Buns"]);
    expect(screen.link(/^Buns/).getAttribute("href")).toBe("/labs/8/prepare");
    const empty = await page(<PreparedLabs />, { "GET /api/today": today([]) });
    expect(empty.text()).toContain("No lab is being prepared.");
  });

  it("leave out notes where there are none", async () => {
    const screen = await page(<RecipeNotes title="At this batch size" sentences={["Use a larger bowl."]} />);
    expect([screen.all("h2"), screen.all("li")]).toEqual([["At this batch size"], ["Use a larger bowl."]]);
    const none = await page(<RecipeNotes title="At this batch size" sentences={[]} />);
    expect(none.place.querySelector("section")).toBeNull();
  });

  it("take in a lab by its file, or say why not", async () => {
    const screen = await page(<TakeIn />, {
      "GET /api/today": today(),
      "POST /api/labs": refusal({ text: "That is no lab of ours." }),
    });
    const box = screen.place.querySelector<HTMLInputElement>(".file-pick input") ?? expect.fail("no box");
    Object.defineProperty(box, "files", { value: [{ text: async () => '{"a":1}' }] });
    box.dispatchEvent(new Event("change", { bubbles: true }));
    await settle();
    expect(screen.changes()).toEqual([
      { asked: "POST /api/labs", query: {}, body: { section: 3, planned_for: "2026-12-03", text: '{"a":1}' } },
    ]);
    expect(screen.wrong()).toEqual(["That is no lab of ours."]);
  });
});

describe("lines on which careful work would often miss", () => {
  const sheet = {
    ...labSheet(),
    state: "prepared" as const,
    careful: [
      {
        remedy: "own-cup" as const,
        says: "Weigh your own cup.",
        names: ["Bread flour (61)"],
        items: [{ item: 4, strictness: "structural" as const, percent: null }],
      },
      {
        remedy: "wider-tolerance" as const,
        says: "Wider is fair.",
        names: ["Cinnamon (40)", "Ginger (38)"],
        items: [
          { item: 5, strictness: "flavour" as const, percent: 22 },
          { item: 6, strictness: "flavour" as const, percent: 24 },
        ],
      },
    ],
  };

  it("stand once for each thing that helps, which is one tap away", async () => {
    const screen = await page(<CarefulGroups sheet={sheet} />, {
      "PUT /api/labs/8/items/5": {},
      "PUT /api/labs/8/items/6": {},
    });
    expect(screen.all(".careful .note > p:first-child")).toEqual(["Bread flour (61)", "Cinnamon (40), Ginger (38)"]);
    expect(screen.link("Weigh your own cup").getAttribute("href")).toBe("/pantry");
    await screen.press("Widen to ±22%, 24%");
    expect(screen.changes().map((one) => one.body)).toEqual([
      { strictness: "flavour", tolerance_pct: "22" },
      { strictness: "flavour", tolerance_pct: "24" },
    ]);
  });

  it("say nothing where there are none, and change nothing in an open lab", async () => {
    expect((await page(<CarefulGroups sheet={labSheet()} />)).text()).toBe("");
    const open = await page(<CarefulGroups sheet={{ ...sheet, state: "open" }} />);
    expect(open.all("button")).toEqual([]);
  });
});

describe("a recipe that writes its own grams, or in other cups", () => {
  const apart = line({
    settled: { ingredient: "bread-flour", amount: "1", unit: "cup", method: null, g_per_us_cup: null },
    own_grams: {
      says: "the recipe says 150 g",
      asks: "The recipe says 150 g, our weight is 125 g. Whose?",
      grams: "150",
      g_per_us_cup: "150.0000",
    },
  });

  it("shows them beside ours, and asks whose where they are far apart", async () => {
    const screen = await page(<Settle sheet={sheet({ lines: [apart] })} />, { "PUT /api/recipes/5/lines/01A": {} });
    expect(screen.text()).toContain("Whose?");
    await screen.press("Keep ours");
    await screen.press(/^Use the recipe's/);
    await screen.tick("Always, in this kitchen");
    await screen.press(/^Use the recipe's/);
    const theirs = {
      as: "settled",
      ingredient: "bread-flour",
      amount: "1",
      unit: "cup",
      method: null,
      g_per_us_cup: "150.0000",
    };
    expect(screen.changes().map((one) => one.body)).toEqual([
      { ...theirs, g_per_us_cup: null },
      theirs,
      { ...theirs, always: true },
    ]);
  });

  it("is told whose cups it is written in", async () => {
    const screen = await page(<WhoseCups sheet={sheet({})} />, { "PUT /api/recipes/5/standard": {} });
    screen.type("Its cups are", "metric_250");
    await settle();
    screen.type("Its cups are", "");
    await settle();
    expect(screen.changes().map((one) => one.body)).toEqual([{ standard: "metric_250" }, { standard: null }]);
  });
});

describe("a lab that nobody could measure", () => {
  it("asks before it opens, and opens all the same", async () => {
    const far = labSheet({ out_of_reach: ["Cinnamon"] });
    const screen = await page(<OpenLab sheet={far} />, { "POST /api/labs/8/open": {} });
    expect(screen.text()).toContain("miss Cinnamon by more than is tolerated");
    await screen.press("Open it anyway");
    expect(screen.changes()[0]?.body).toEqual({ anyway: true });
  });
});

describe("a lab of a recipe that leaves a kind open", () => {
  it("is refused in words, beside the button", async () => {
    const screen = await page(<MakeLab sheet={sheet({ section: { id: 3, name: "Foods 1", stations: 1 } })} />, {
      "GET /api/today": today(),
      "POST /api/recipes/5/labs": refusal({ lines: "First say which kind is meant: 1 tsp salt." }),
    });
    await screen.press("Make a lab");
    expect(screen.wrong()).toEqual(["First say which kind is meant: 1 tsp salt."]);
  });
});
