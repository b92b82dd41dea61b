import { read, type Typing, typing } from "../../resources/js/lab/paper";
import { button, expect, expectAccessible, openBoard, someone, teacherSignsIn, test } from "./school";

test("paper sheets are typed in by keyboard: down, across, the verdict beside it, taken back, stored once", async ({
  browser,
}) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page);
  await openBoard(page);
  await page.getByRole("link", { name: "Type in paper sheets" }).click();
  const cell = (name: string) => page.getByLabel(`${name}, grams`);
  await cell("Alder, Ground cardamom").focus();
  await page.keyboard.type("3");
  await page.keyboard.press("Enter");
  await expect(cell("Birch, Ground cardamom")).toBeFocused();
  await page.keyboard.press("ArrowRight");
  await expect(cell("Birch, Confectioners' sugar")).toBeFocused();
  await page.keyboard.type("75");
  await expect(cell("Birch, Confectioners' sugar").locator("..")).toContainText("Heaped");
  await page.keyboard.press("Enter");
  await page.keyboard.type("60.5");
  await expect(cell("Hazel, Confectioners' sugar").locator("..")).toContainText("1 g steps");
  await expectAccessible(page);
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(cell("Hazel, Confectioners' sugar")).toHaveValue("60");
  await expect(cell("Hazel, Confectioners' sugar").locator("..")).toContainText("Level");
  await button(page, "Store 3 weigh-ins").click();
  await expect(page.getByText("3 weigh-ins stored.")).toBeVisible();
  await expect(cell("Hazel, Confectioners' sugar")).toHaveValue("");
  await page.getByRole("link", { name: "The board" }).click();
  await expect(button(page, /^Hazel, Confectioners' sugar: Level, 60 g, 1 weighing$/)).toBeVisible();
});

test("a sheet is typed as it was written: several tries, whose they are, on the scale that can judge it", async ({
  browser,
}) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page);
  await openBoard(page);
  await page.getByRole("link", { name: "Type in paper sheets" }).click();
  const cell = page.getByLabel("Linden, Ground cardamom, grams");
  const beside = cell.locator("..");
  await expect(page.getByLabel("Scale for Ground cardamom")).toHaveValue(/./);
  await expect(page.getByLabel("Scale for Ground cardamom").locator("option:checked")).toHaveText("Fine");
  await page.getByLabel("Rowan, Honey, grams").focus();
  await page.keyboard.press("Enter"); // past the last station it is the next ingredient's turn: digits and Enter fill a sheet
  await expect(page.getByLabel("Alder, Ground cardamom, grams")).toBeFocused();
  await cell.focus();
  await page.keyboard.type("2.1 3.1 zz");
  await expect(beside).toContainText("Nobody here begins with zz.");
  await expect(button(page, "Store 2 weigh-ins")).toBeDisabled();
  await page.keyboard.press("Backspace");
  await page.keyboard.press("Backspace");
  await page.keyboard.type("kai");
  await expect(beside).toContainText("Level");
  await expect(beside).toContainText("Kaito");
  await page.reload();
  await expect(cell).toHaveValue("2.1 3.1 kai");
  await expect(beside).toContainText("Kaito");
  await expectAccessible(page);
  await button(page, "Store 2 weigh-ins").click();
  await expect(page.getByText("2 weigh-ins stored.")).toBeVisible();
  await expect(beside).toContainText("3.1 g, Level");
  await page.reload();
  await expect(cell).toHaveValue("");
  await page.getByRole("link", { name: "The board" }).click();
  await button(page, /^Linden, Ground cardamom: Level, 3.1 g, 2 weighings$/).click();
  await expect(page.getByRole("complementary")).toContainText("Kaito");
});

test("the period plan says whether it fits, and follows a longer demonstration", async ({ browser }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page);
  await openBoard(page);
  await expect(page.getByText("Now, by the plan")).toBeVisible();
  await page.getByRole("link", { name: "The whole plan" }).click();
  await expect(page.getByText(/Fits, with \d+ minutes? to spare/)).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel("Demonstration").fill("40");
  await page.getByLabel("Demonstration").blur();
  await expect(page.getByText(/minutes too long/)).toBeVisible();
  await page.getByLabel("Demonstration").fill("5");
  await page.getByLabel("Demonstration").blur();
  await expect(page.getByText(/Fits, with/)).toBeVisible();
  await page.getByRole("link", { name: "Print it" }).click();
  await expect(page.getByRole("row", { name: /^Alder/ })).toContainText("Bread flour");
});

test.describe("what a cell of the sheet says", () => {
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
    test(`"${text}"`, () => expect(said(text)).toEqual([grams, who]));
  }

  test("each try keeps its own id while others are typed, and no two share one", () => {
    const write = (state: Typing, key: string, text: string) => typing(state, { type: "write", key, text });
    let state: Typing = { now: {}, before: [] };
    state = write(state, "1/1", "23");
    const first = state.now["1/1"]?.ids[0];
    for (const text of ["239", "239 ", "239 2", "239 221", "239 221 o"]) state = write(state, "1/1", text);
    state = write(state, "1/2", "60 61 62");
    const all = Object.values(state.now).flatMap((cell) => read(cell, here).tries.map((one) => one.id));
    expect(state.now["1/1"]?.ids[0]).toBe(first);
    expect(all).toHaveLength(5);
    expect(new Set(all).size).toBe(5);
  });

  test("whatever is typed can be taken back, step by step, to the empty sheet", () => {
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
