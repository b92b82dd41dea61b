import {
  button,
  enters,
  expect,
  expectLargeTargets,
  expectAccessible as isAccessible,
  PHONE,
  someone,
  sure,
  tabletIs,
  teacherIsAt,
  test,
} from "./school";

test("a half cup goes from the shelf to its printed label in twelve taps beside digits", async ({ page, school }) => {
  await teacherIsAt(page, school, "/drawer");
  const began = Date.now();
  let taps = 0;
  const tap = async (name: string | RegExp) => {
    taps++;
    await page.getByRole("button", { name }).or(page.getByRole("link", { name })).first().click();
  };
  await tap("Check with water");
  await expect(page.getByRole("heading", { name: "Which tool?" })).toBeVisible();
  await isAccessible(page);
  taps++;
  await page.locator(".w-tool", { hasText: "cup" }).nth(2).click();
  await expect(page.getByLabel("Its name")).toHaveValue("Shelf: 1/2 cup");
  await tap("Look at it");
  await expect(page.getByRole("heading", { name: "Look at it first" })).toBeVisible();
  await isAccessible(page);
  await tap("Start weighing");
  for (const [nth, grams] of [
    ["1st filling", "115.1"],
    ["2nd filling", "114.8"],
    ["3rd filling", "115.2"],
  ] as const) {
    await expect(page.getByRole("heading", { name: nth })).toBeVisible();
    await page.keyboard.type(grams);
    await tap(`Keep ${grams} g`);
  }
  await expect(page.getByRole("heading", { name: "How warm is the water?" })).toBeVisible();
  await isAccessible(page);
  await page.keyboard.type("21");
  await tap("Show the result");
  await expect(page.getByRole("heading", { name: "Fit" })).toBeVisible();
  await expect(page.getByText("2.6% small")).toBeVisible();
  await isAccessible(page);
  await tap("Keep this size");
  await expect(page.getByRole("region", { name: "Shelf: 1/2 cup" })).toContainText("115.3");
  await isAccessible(page);
  await tap("Print its label");
  await expect(page.getByRole("article")).toContainText("115.3 mL");
  expect(taps).toBeLessThanOrEqual(12);
  expect(Date.now() - began).toBeLessThan(120_000);
});

test("a student checks a cup by keys alone on a phone, in Spanish, and the teacher says yes", async ({
  school,
  browser,
}) => {
  const desk = await someone(browser);
  const page = await someone(browser, { viewport: PHONE, locale: "es-ES" });
  await enters(page, "station", { code: school.stations.Hazel });
  await page.goto("/kitchen/check");
  await page.locator(".w-tool").nth(2).focus();
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Oona" }).focus();
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Mirarlo" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Primero míralo" })).toBeFocused();
  await page.getByRole("button", { name: "Empezar a pesar" }).focus();
  await page.keyboard.press("Enter");
  for (const [nth, grams] of ["125,4", "125,9", "125,1"].entries()) {
    await expect(page.getByRole("heading", { name: `Medida ${nth + 1}` })).toBeVisible();
    await page.keyboard.type(grams);
    await page.getByRole("button", { name: `Guardar ${grams} g` }).focus();
    await page.keyboard.press("Enter");
  }
  await expect(page.getByRole("heading", { name: "¿Qué temperatura tiene el agua?" })).toBeVisible();
  await page.keyboard.type("21");
  await page.getByRole("button", { name: "Ver el resultado" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Usar con corrección" })).toBeVisible();
  await expectLargeTargets(page);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
  await isAccessible(page);
  await page.getByRole("button", { name: "Entregar" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("status").filter({ hasText: "Tu profe lo mirará" })).toBeVisible();

  await teacherIsAt(desk, school, "/drawer");
  await expect(desk.getByRole("heading", { name: "1 check waits for you" })).toBeVisible();
  await desk.getByRole("button", { name: "Accept" }).click();
  await expect(desk.getByRole("button", { name: /^Hazel: 1\/2 taza|^Hazel: 1\/2 cup/ })).toBeVisible();
});

test("our own flour: nine cups, the odd one left out, adopted, and a coming lab's target says so", async ({
  page,
  school,
}) => {
  await teacherIsAt(page, school, "/pantry/all-purpose-flour/standard");
  for (const grams of ["128.4", "131.2", "133", "130.1", "132.6", "129.3", "130.7", "134.1", "148.9"]) {
    const box = page.getByLabel(/^One more/);
    await box.fill(grams);
    await box.press("Enter");
    await expect(box).toHaveValue("");
  }
  await expect(page.getByText("Cup 9 is")).toBeVisible();
  await page.getByRole("button", { name: "Leave it out" }).click();
  await expect(page.getByText("Counted, it would be")).toBeVisible();
  await isAccessible(page);
  await page.getByRole("button", { name: "Use 131 g a cup from now" }).click();
  await expect(page.getByText("Targets say: our weighing, n = 8.")).toBeVisible();
  await page.goto("/pantry?food=all-purpose-flour");
  await expect(page.getByText("mean of 8 cups we weighed")).toBeVisible();
  await page.getByLabel("Find an ingredient").fill("flour"); // a list of some says as much as one of all, in a tenth of the time
  await isAccessible(page);
});

test("a scale is checked from empty to full, and what it means stands beside it", async ({ page, school }) => {
  await teacherIsAt(page, school, "/drawer");
  await page.getByRole("button", { name: /^Fine/ }).click();
  await page.getByRole("link", { name: "Check it from empty to full" }).click();
  for (const [grams, shows] of [
    ["0", "0"],
    ["50", "50"],
    ["100", "100.1"],
    ["200", "200.1"],
    ["500", "500.3"],
  ] as const)
    await page.getByLabel(`It shows with ${grams} g on it`, { exact: true }).fill(shows);
  await page.getByLabel("Time 1").fill("200.1");
  await expect(page.getByText("Level, with a correction")).toBeVisible();
  await isAccessible(page);
  // Pressed as long as a finger does: leaving the field above asks anew, and nothing moves under it meanwhile.
  await page.getByLabel("Time 1").focus();
  await page.getByRole("button", { name: "Accept the check" }).click({ delay: 100 });
  await expect(page.getByRole("heading", { name: "Drawer" })).toBeVisible();
});

test("a class tries two ways: dealt out, weighed on a tablet, worked out, shown", async ({ page, school, browser }) => {
  await teacherIsAt(page, school, "/review/experiments");
  await page.getByRole("button", { name: "Take it" }).click();
  await expect(page.getByRole("heading", { name: "Three ways of flour" })).toBeVisible();
  await page.getByRole("button", { name: "Deal it out and begin" }).click();
  await expect(page.getByRole("table")).toContainText("Oona");
  await isAccessible(page);

  const tablet = await someone(browser, { viewport: { width: 1024, height: 768 } });
  await tabletIs(tablet, school, "Hazel", "Oona");
  await tablet.getByRole("link", { name: "Our experiment" }).click();
  for (const grams of ["125", "140", "118"]) {
    await tablet.getByLabel("What does it weigh, in grams?").fill(grams);
    await tablet.getByRole("button", { name: "Keep it" }).click();
    if (grams !== "118") await expect(tablet.getByLabel("What does it weigh, in grams?")).toHaveValue("");
  }
  await expect(tablet.getByRole("heading", { name: "Your own difference" })).toBeVisible();
  await isAccessible(tablet);
  await tablet.getByLabel(/How many grams more/).fill("20");
  await tablet.getByRole("button", { name: "Check my answer" }).click();
  await expect(tablet.getByRole("status").filter({ hasText: "try again" })).toBeVisible();
  await tablet.getByLabel(/How many grams more/).fill("22");
  await tablet.getByRole("button", { name: "Check my answer" }).click();
  await expect(tablet.getByRole("status").filter({ hasText: "Right" })).toBeVisible();

  await page.goto("/review/misses");
  await expect(page.getByRole("heading", { name: "Who makes the miss" })).toBeVisible();
  await isAccessible(page);
});

test("the first lab of the term: the drawer is shared out, a station checks its share, the board tells", async ({
  page,
  school,
  browser,
}) => {
  await teacherIsAt(page, school, `/labs/${school.labs.buns}`);
  await button(page, "Close the lab").click();
  await sure(button(page, "Yes, close it"));
  await page.goto("/drawer");
  await page.getByRole("button", { name: "Check all in class" }).click();
  await expect(page.getByRole("heading", { name: "Check our tools" })).toBeVisible();
  await page.getByRole("button", { name: "Open the lab" }).click();
  await expect(page.getByRole("button", { name: "Close the lab" })).toBeVisible();
  await isAccessible(page);
  const tablet = await someone(browser, { viewport: { width: 1024, height: 768 } });
  await enters(tablet, "station", { code: school.stations.Hazel });
  await tablet.goto("/kitchen/check");
  await expect(tablet.getByRole("heading", { name: "Yours to check" })).toBeVisible();
});
