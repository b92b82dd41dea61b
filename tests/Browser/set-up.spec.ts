import { button, expect, expectAccessible, someone, sure, teacherIsAt, teacherSignsIn, test } from "./school";

test("a new class: roster looked at and taken, seats by keyboard, codes, house method", async ({ browser, school }) => {
  test.setTimeout(120_000);
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  await page.getByRole("link", { name: "Class" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Foods 1, period 4" })).toBeVisible();
  await button(page, "Create a class").click();
  await page.getByLabel("Name of the class").fill("Foods 2, period 6");
  await button(page, "Create a class").click();
  await expect(page.getByRole("heading", { level: 1, name: "Foods 2, period 6" })).toBeVisible();

  const names = page.getByLabel("Names, one per line");
  await names.fill("Ilka\n=SUM(A1)\nBram");
  await button(page, "Check the list").click();
  await expect(page.getByText("1 row has a problem; nobody was added.")).toBeVisible();
  await expect(page.getByText("This begins like a formula, not like a name.")).toBeVisible();
  await names.fill("Ilka\nBram");
  await button(page, "Check the list").click();
  await button(page, "Add 2 students").click();
  await expect(button(page, /^Ilka/)).toBeVisible();

  await page.getByLabel("Another station").fill("Aspen");
  await page.getByLabel("Another station").press("Enter");
  await expect(page.getByRole("heading", { name: "Aspen" })).toBeVisible();
  const seat = button(page, /^Ilka/);
  await seat.press("Enter");
  await button(page, "Move to Aspen").press("Enter");
  await expect(page.getByRole("region", { name: "Aspen" }).getByText("Ilka")).toBeVisible();
  await expect(seat).toBeFocused();
  await expect(page.getByText("targets rise by 13 g a cup")).toBeVisible();
  await page.getByText("dip and level").click();
  await expect(page.getByText("138 g in a cup of All-purpose flour, as now")).toBeVisible();
  await expectAccessible(page);
});

test("a file in the wrong encoding is told, and nothing of it is taken", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  await page.getByRole("link", { name: "Class" }).click();
  await page.getByLabel("Or a file").setInputFiles({
    name: "roster.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("Name\nJos\xe9\n", "latin1"),
  });
  await button(page, "Check the list").click();
  await expect(page.getByText("This file is not in UTF-8.")).toBeVisible();
});

test("the drawer counts tools and scales, and keeps a scale that has weighed", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await page.clock.install();
  await teacherIsAt(page, school, "/drawer");
  await button(page, "Show every kind of tool").click();
  const threeQuarters = page.locator("#tool-dry-cup-us-3-4");
  await threeQuarters.click();
  const cup = page.getByRole("group", { name: /^How many/ });
  await cup.getByRole("button", { name: "One more" }).click();
  await expect(cup.getByRole("textbox")).toHaveValue("1");
  await page.keyboard.press("Escape");
  await button(page, "Add a scale").click();
  await page.getByLabel("Name of another scale").fill("Spare");
  await page.getByRole("complementary").getByRole("button", { name: "Add", exact: true }).click();
  await button(page, /^Table left/).click();
  await button(page, "Remove Table left").click();
  await sure(button(page, "Yes, remove it"));
  await expect(page.getByText("Something was weighed on this scale. It stays.")).toBeVisible();
  await button(page, /^Spare/).click();
  await button(page, "Remove Spare").click();
  await sure(button(page, "Yes, remove it"));
  await expect(page.getByText("Spare is removed.")).toBeVisible();
  await page.clock.fastForward(8000); // until then it can be taken back
  await expect(button(page, /^Spare 0/)).toBeHidden();
  await expect(threeQuarters).toContainText("× 1");
  await threeQuarters.click();
  await cup.getByRole("button", { name: "One less" }).click();
  await expect(cup.getByRole("textbox")).toHaveValue("0");
  await expectAccessible(page);
});

test("the pantry is searched by any name, takes our own figure with a reason, and goes back", async ({
  browser,
  school,
}) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  await page.getByRole("link", { name: "Pantry" }).click();
  await page.getByLabel("Find an ingredient").fill("icing");
  await button(page, "Confectioners' sugar").click();
  await page.getByLabel("Grams in a US cup").fill("lots");
  await button(page, "Use our weight").click();
  await expect(page.getByText("Use numbers only")).toBeVisible();
  await page.getByLabel("Grams in a US cup").fill("117");
  await page.getByLabel("Why").fill("Ours is ground coarser.");
  await button(page, "Use our weight").click();
  await expect(page.getByText("The book weight is 120 g.")).toBeVisible();
  await expectAccessible(page);
  await button(page, "Go back to the book weight").click();
  await expect(page.getByText("The book weight is 120 g.")).toBeHidden();
});

for (const what of ["chart", "labels"]) {
  test(`the ${what} print on one page`, async ({ browser, school }) => {
    const page = await someone(browser);
    await teacherIsAt(page, school, `/print/${what}`);
    await expect(page.locator(".paper-page")).toBeVisible();
    await expectAccessible(page);
    for (const format of ["A4", "Letter"]) {
      const pdf = (await page.pdf({ format })).toString("latin1");
      expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
    }
  });
}
