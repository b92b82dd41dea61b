import { button, expect, expectAccessible, openBoard, someone, teacherSignsIn, test } from "./school";

test("paper sheets are typed in by keyboard: down, across, the verdict beside it, taken back, stored once", async ({
  browser,
  school,
}) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
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
  await expect(cell("Hazel, Confectioners' sugar").locator("..")).toContainText("counts by 1 g");
  await expectAccessible(page);
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(cell("Hazel, Confectioners' sugar")).toHaveValue("60");
  await expect(cell("Hazel, Confectioners' sugar").locator("..")).toContainText("Level");
  await button(page, "Save 3 weigh-ins").click();
  await expect(page.getByText("3 weigh-ins saved.")).toBeVisible();
  await expect(cell("Hazel, Confectioners' sugar")).toHaveValue("");
  await page.getByRole("link", { name: "The board" }).click();
  await expect(button(page, /^Hazel, Confectioners' sugar: Level, 60 g, 1 weigh-in$/)).toBeVisible();
});

test("a sheet is typed as it was written: several tries, whose they are, on the scale that can judge it", async ({
  browser,
  school,
}) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
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
  await expect(button(page, "Save 2 weigh-ins")).toBeDisabled();
  await page.keyboard.press("Backspace");
  await page.keyboard.press("Backspace");
  await page.keyboard.type("kai");
  await expect(beside).toContainText("Level");
  await expect(beside).toContainText("Kaito");
  await page.reload();
  await expect(cell).toHaveValue("2.1 3.1 kai");
  await expect(beside).toContainText("Kaito");
  await expectAccessible(page);
  await button(page, "Save 2 weigh-ins").click();
  await expect(page.getByText("2 weigh-ins saved.")).toBeVisible();
  await expect(beside).toContainText("3.1 g, Level");
  await page.reload();
  await expect(cell).toHaveValue("");
  await page.getByRole("link", { name: "The board" }).click();
  await button(page, /^Linden, Ground cardamom: Level, 3.1 g, 2 weigh-ins$/).click();
  await expect(page.getByRole("complementary")).toContainText("Kaito");
});

test("the period plan says whether it fits, and follows a longer demonstration", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
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
