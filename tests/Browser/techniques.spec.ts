import {
  button,
  expect,
  expectAccessible,
  expectLargeTargets,
  expectNoSidewaysScroll,
  PHONE,
  someone,
  tabletIs,
  teacherIsAt,
  test,
} from "./school";

test("from measuring to how it is done, step by step by keyboard, and back to measuring", async ({ page, school }) => {
  await tabletIs(page, school, "Maple", "Ravi");
  await page.locator(".todo-row", { hasText: "Honey" }).click();
  await page.getByRole("link", { name: "See how it is done" }).press("Enter");
  await expect(page.getByRole("heading", { level: 1, name: "Honey and syrup" })).toBeVisible();
  await expect(page.getByText("Step 1 of 5")).toBeVisible();
  await page.locator(".lib-strip [aria-current=step]").focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("heading", { level: 2, name: "Oil the cup or spoon lightly" })).toBeVisible();
  await page.keyboard.press("End");
  await expect(page.getByRole("heading", { level: 2, name: "Scrape it all out with a rubber spatula" })).toBeVisible();
  await button(page, "From the start").press("Enter");
  await expect(page.getByText("Step 1 of 5")).toBeVisible();
  await expect(page.getByText("Some stayed in the cup or spoon")).toBeVisible();
  await expectAccessible(page);
  await expectLargeTargets(page);
  // Another page in between does not lose the way back.
  await page.getByRole("link", { name: "Get to know your tools" }).click();
  await expect(page.getByRole("heading", { level: 2, name: "Measuring spoons" })).toBeVisible();
  await expectAccessible(page);
  await button(page, "Back").click();
  await expect(page.getByRole("heading", { level: 1, name: "2 tbsp" })).toBeVisible();
});

test("the library fits a phone and speaks Spanish", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: PHONE, locale: "es-ES" });
  await page.goto("/station");
  await page.getByRole("textbox").fill(school.stations.Alder);
  await page.getByRole("button", { name: /tableta/ }).click();
  await page.getByRole("link", { name: "Técnicas" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Polvos finos" })).toBeVisible();
  await expectNoSidewaysScroll(page);
  await expectLargeTargets(page);
  await page.getByRole("link", { name: "Seguridad" }).click();
  await expect(page.getByText("La harina cruda no se prueba.")).toBeVisible();
  await expectNoSidewaysScroll(page);
});

test("the teacher opens it from wherever a technique is named, and it keeps still for who wants that", async ({
  browser,
  school,
}) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherIsAt(page, school, "/practise");
  await page.getByRole("link", { name: "Techniques" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Fine powders" })).toBeVisible();
  await expectAccessible(page);
  const moving = () =>
    page.evaluate(() => document.getAnimations().filter((one) => one.playState === "running").length);
  await button(page, /Level it with a straight edge/).click();
  expect(await moving()).toBe(0); // these tests ask for reduced motion
  await page.emulateMedia({ reducedMotion: "no-preference" });
  await button(page, "Show it again").click();
  expect(await moving()).toBeGreaterThan(0);
  const opens = async (from: string, link: string, title: string) => {
    await page.goto(from);
    await page.getByRole("link", { name: link }).first().click();
    await expect(page.getByRole("heading", { level: 1, name: title })).toBeVisible();
  };
  await opens("/pantry", "Fine powder", "Fine powders");
  await opens("/practise/simulator", "See how it is done", "Fine powders");
  await page.goto("/prepare");
  await page.getByRole("link", { name: "Seeded crackers" }).first().click();
  await page.getByRole("link", { name: "stirred, then spooned in" }).first().click();
  await expect(page.getByRole("heading", { level: 1, name: "Fine powders" })).toBeVisible();
});
