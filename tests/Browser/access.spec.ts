import {
  ask,
  button,
  expect,
  expectAccessible,
  measure,
  openBoard,
  type Page,
  someone,
  tabletIs,
  tabTo,
  teacherSignsIn,
  test,
} from "./school";

/** Every rule in the light, and those of colour once more in the dark: the rest is the same in both. */
async function passesInBothThemes(page: Page) {
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await expectAccessible(page);
  await page.emulateMedia({ colorScheme: "dark" });
  await expectAccessible(page, "colour");
  await page.emulateMedia({ colorScheme: "light" });
}

test("student screens pass the checks in light and in dark", async ({ browser, school }) => {
  const page = await someone(browser);
  await page.goto("/");
  await passesInBothThemes(page);
  await page.goto(`/join?class=${school.classCode}`);
  await button(page, "Oona Hazel").click();
  await passesInBothThemes(page);
  await tabletIs(page, school, "Hazel", "Farida");
  await passesInBothThemes(page);
  await page.locator(".todo-row", { hasText: "Whole milk" }).click();
  await expect(button(page, "Done, next step")).toBeVisible();
  await passesInBothThemes(page);
  await page.goto("/kitchen");
  await measure(page, "Honey");
  await passesInBothThemes(page);
  const { lines } = await ask(page, "GET", "/api/work");
  for (const line of lines.slice(0, 3)) {
    await page.goto(`/kitchen/weighings/${line.attempts.at(-1).id}`);
    await passesInBothThemes(page);
  }
});

test("teacher screens pass the checks in light and in dark", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await page.goto("/sign-in");
  await passesInBothThemes(page);
  await teacherSignsIn(page, school);
  await passesInBothThemes(page);
  await openBoard(page);
  await button(page, /^Hazel, Bread flour/).click();
  await passesInBothThemes(page);
  await button(page, /Project/).click();
  await passesInBothThemes(page);
});

test("the kit passes the checks in both themes", async ({ page }) => {
  await page.goto("/kit");
  await expect(page.getByRole("heading", { name: "cast-iron" })).toBeVisible();
  await expectAccessible(page);
});

test("a teacher reaches and reads the board by keyboard alone", async ({ page, school }) => {
  await page.goto("/sign-in");
  await page.getByLabel("E-mail").focus();
  await page.keyboard.type(school.email);
  await page.keyboard.press("Tab");
  await page.keyboard.type(school.password);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  const board = button(page, "Go to the board");
  await tabTo(board);
  await page.keyboard.press("Enter");
  const first = button(page, /^Alder, Bread flour/);
  await expect(first).toBeVisible();
  await tabTo(first);
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await expect(button(page, /^Hazel, Bread flour/)).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Hazel" })).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("complementary")).toContainText("Rolled oats");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("heading", { name: "Hazel" })).toBeHidden();
  await page.keyboard.press("p");
  await expect(page.locator("html")).toHaveAttribute("data-theme", "cast-iron");
  await expect(page.getByText("Oona, Mateus, Farida")).toBeHidden();
  await page.keyboard.press("p");
  await expect(page.getByText("Oona, Mateus, Farida")).toBeVisible();
});

test("a student weighs in by keyboard alone", async ({ page, school }) => {
  await tabletIs(page, school, "Rowan", "Emrys");
  const go = async (name: string | RegExp) => {
    await tabTo(button(page, name));
    await page.keyboard.press("Enter");
  };
  await go(/^Butter/);
  await go("All steps done");
  if (await button(page, /: tipped in$/).count()) await go(/: tipped in$/);
  await go("To the scale");
  await expect(page.getByLabel("Grams typed")).toBeVisible();
  await page.evaluate(() => {
    // The screen takes digits wherever the focus is, even two before it is drawn again.
    for (const key of "43") document.body.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true }));
  });
  await expect(page.getByLabel("Grams typed")).toHaveValue("43");
  await go("Check this weight");
  await expect(page.getByRole("heading", { level: 1, name: "Level" })).toBeVisible();
});

test("Spanish throughout, and the choice is remembered", async ({ page, school }) => {
  await page.goto("/");
  await button(page, "Español").click();
  await expect(page.getByRole("heading", { name: "Mídelo. Pésalo. Mira por qué." })).toBeVisible();
  await page.reload();
  await expect(page.locator("html")).toHaveAttribute("lang", "es");
  await page.goto("/station");
  await page.getByLabel("Código de la estación").fill(school.stations.Hazel);
  await button(page, "Configurar esta tableta").click();
  await expect(page.getByText("Harina para pan").first()).toBeVisible();
  await expect(page.locator("main")).toContainText("tazas");
  await page.getByRole("button", { name: "Mateus", exact: true }).click();
  await page.locator(".todo-row", { hasText: "Harina para pan" }).click();
  await expect(page.getByText("Revuelve para que quede suelta")).toBeVisible();
});
