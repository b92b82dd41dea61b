import {
  button,
  expect,
  expectAccessible,
  expectLargeTargets,
  expectNoSidewaysScroll,
  type Page,
  PHONE,
  someone,
  tabletIs,
  teacherIsAt,
  teacherSignsIn,
  test,
} from "./school";

const reads = (page: Page) => page.locator(".bench-scale output");

test("the teacher works the bench by keyboard alone: predict, weigh, see why", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(page, school);
  await page.getByRole("link", { name: "Practice" }).press("Enter");
  await page.getByRole("link", { name: "Open the simulator" }).press("Enter");
  await expect(page.getByRole("heading", { level: 1, name: "Simulator" })).toBeVisible();
  await expect(button(page, "Check this weight")).toBeDisabled();
  await page.getByRole("button", { name: "Packed", exact: true }).press("Enter");
  await expect(page.getByRole("button", { name: "Packed", exact: true })).toHaveAttribute("aria-pressed", "true");
  await button(page, "All steps at once").press("Enter");
  await expect(reads(page)).toHaveText(/shows 1\d\d g/);
  await page.getByRole("button", { name: "Heaped", exact: true }).press("Enter");
  await button(page, "Check this weight").press("Enter");
  await expect(page.getByText("You said Heaped. That is what it is.")).toBeVisible();
  await expect(page.locator(".cause").first()).toContainText("Pressed it down");
  await expect(page.getByText(/it turns dry, tough and dense/)).toBeVisible();
  await expectAccessible(page);
  await button(page, "Weigh another one").press("Enter");
  await expect(page.getByLabel("Weigh-in no.")).toHaveValue("2");
});

test("200 times each way: spooned stands on the rim, dipped hangs below it", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherIsAt(page, school, "/practise/simulator");
  await button(page, "Dipped with the cup").click();
  await button(page, "200 times").click();
  await button(page, "Measure 200 times, each way").click();
  await expect(
    page.getByRole("img", {
      name: /Following the steps: average 12\d g, 1\d\d Level. Dipped with the cup: average 13\d g, \d\d Level/,
    }),
  ).toBeVisible();
  await expect(page.getByRole("row", { name: /^Dipped with the cup/ })).toContainText("±");
  await expectAccessible(page);
});

test("a student tries it on a phone: the eye, the scale's slips, the same weight as everybody", async ({
  browser,
  school,
}) => {
  const page = await someone(browser, { viewport: PHONE });
  await tabletIs(page, school, "Linden", "Amara");
  await page.getByRole("link", { name: "Try it in the simulator" }).click();
  await page.getByLabel("Food").selectOption("whole-milk");
  await button(page, "30° above").click();
  await button(page, "All steps at once").click();
  await expect(reads(page)).toHaveText(/shows \d+ g/);
  const milk = await reads(page).textContent();
  await page.getByRole("button", { name: "Shy", exact: true }).click();
  await button(page, "Check this weight").click();
  await expect(page.locator(".cause").first()).toContainText("Read it from above");
  await expectNoSidewaysScroll(page);
  await expectLargeTargets(page);
  await expectAccessible(page);

  await button(page, "Start again").click();
  await expect(reads(page)).toHaveText("The scale shows nothing.");
  await page.getByRole("button", { name: "Tare", exact: true }).click();
  await expect(page.getByText("The scale is off. Switch it on first.")).toBeVisible();
  for (const key of ["On / off", "Bowl on", "Tare", "Pour it in"]) await button(page, key).click();
  await expect(reads(page)).toHaveText(milk ?? ""); // the same number, the same weight
  await button(page, "Unit").click();
  await expect(reads(page)).toHaveText(/oz/);
  await page.getByRole("button", { name: "Shy", exact: true }).click();
  await button(page, "Check this weight").click();
  await expect(page.locator(".cause").first()).toContainText("The scale was not in grams");

  await button(page, "Start again").click();
  await page.getByRole("button", { name: "Heaped", exact: true }).click();
  await button(page, "Check this weight").click();
  await expect(page.getByText("The scale does not show a weight yet.")).toBeVisible();
});
