import {
  ask,
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
  test,
} from "./school";

/** The last weighing of a line of this tablet's station. */
async function openVerdict(page: Page, line: number) {
  const kitchen = await ask(page, "GET", "/api/work");
  await page.goto(`/kitchen/weighings/${kitchen.lines[line].attempts.at(-1).id}`);
  await expect(page.locator(".cause").first()).toBeVisible();
}
const onOneScreen = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollHeight - document.documentElement.clientHeight);

for (const [where, viewport] of [
  ["tablet", { width: 1024, height: 768 }],
  ["phone", PHONE],
] as const) {
  test(`a miss names its likely causes in words, bars and grams, on one ${where} screen`, async ({
    browser,
    school,
  }) => {
    const page = await someone(browser, { viewport });
    await tabletIs(page, school, "Hazel", "Farida");
    await openVerdict(page, 2); // milk, read from above
    await expect(page.getByRole("heading", { name: "What may have happened" })).toBeVisible();
    const first = page.locator(".cause").first();
    await expect(first).toContainText("Read it from above");
    await expect(first).toContainText(/Most likely|Likely/);
    await expect(first).toContainText(/would weigh \d+ to \d+ g/);
    await expect(first).toContainText("Bring your eyes to the line");
    await expect(first.locator("svg")).toHaveCount(1);
    await expect(page.getByText("Next: Bend down to the line, then add a little.")).toBeVisible();
    await expect(page.getByText("With so little liquid it gets dry and cracks.")).toBeVisible();
    await expectNoSidewaysScroll(page);
    await expectLargeTargets(page);
    await expectAccessible(page);
    expect(await onOneScreen(page)).toBe(0);
    await openVerdict(page, 0); // flour, dipped
    await expect(page.locator(".cause").first()).toContainText("Dipped the cup into the container");
    expect(await onOneScreen(page)).toBe(0);
    await page.evaluate(() => localStorage.setItem("hovik.language", "es"));
    for (const line of [0, 2]) {
      await openVerdict(page, line);
      await expect(page.getByRole("heading", { name: "A qué se puede deber" })).toBeVisible();
      expect(await onOneScreen(page)).toBe(0);
    }
  });
}

test("the student says which slip they believe in; the reasons are a tap away and give the focus back", async ({
  browser,
  school,
}) => {
  const page = await someone(browser);
  await tabletIs(page, school, "Maple", "Odile");
  await openVerdict(page, 1); // oats, packed
  const second = page.locator("button.cause").nth(1);
  await second.click();
  await expect(second).toHaveAttribute("aria-pressed", "true");
  const said = (await second.locator(".c-said").textContent())?.toLowerCase() ?? "";
  await expect(page.getByText(`You said: ${said}.`)).toBeVisible();
  await page.reload();
  await expect(page.getByText(`You said: ${said}.`)).toBeVisible();
  await button(page, "How we know").press("Enter");
  await expect(page.getByRole("dialog")).toContainText("Level is");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect(button(page, "How we know")).toBeFocused();
});

test("a class may ask for the guess first, then both are compared", async ({ browser, school }) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherIsAt(teacher, school, "/class");
  const asks = teacher.getByLabel("Students say what they think happened before they see the list");
  await asks.check();
  await expect(asks).toBeChecked();
  await teacher.waitForLoadState("networkidle");
  const page = await someone(browser);
  await tabletIs(page, school, "Alder", "Noor");
  await openVerdict(page, 3); // brown sugar, left loose
  await expect(page.getByRole("heading", { name: "What do you think happened? Tap one." })).toBeVisible();
  await expect(page.locator(".c-p")).toHaveCount(0);
  expect(await onOneScreen(page)).toBe(0);
  await button(page, /Did not pack it/).click();
  await expect(page.getByText("You said: did not pack it.")).toBeVisible();
  await expect(page.locator(".cause").first()).toContainText("Did not pack it");
  await expect(page.locator(".c-p").first()).toContainText(/ikely/);
  await asks.uncheck();
  await expect(asks).not.toBeChecked();
  await teacher.waitForLoadState("networkidle");
});

test("from how it baked back to the weights, by keyboard", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: PHONE });
  await tabletIs(page, school, "Hazel", "Oona");
  await page.getByRole("link", { name: "How did it come out of the oven?" }).press("Enter");
  await button(page, "Dry").press("Enter");
  await expect(button(page, "Dry")).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByRole("link", { name: /Whole milk: \d+ g under/ })).toBeVisible();
  await expect(page.getByText("Oven too hot")).toBeVisible();
  await expectNoSidewaysScroll(page);
  await expectAccessible(page);
  await button(page, "Dry").press("Enter");
  await expect(page.getByText("If you tap nothing: it came out well.")).toBeVisible();
});
