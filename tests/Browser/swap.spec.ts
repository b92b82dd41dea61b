import { openLab, setUp } from "./lab";
import {
  ask,
  button,
  expect,
  expectAccessible,
  expectLargeTargets,
  expectNoSidewaysScroll,
  PHONE,
  someone,
  tabletIs,
  tabTo,
  teacherIsAt,
  teacherSignsIn,
  test,
} from "./school";

test("a line is swapped at one station by keyboard, and given to names: its tablet has it, the others do not", async ({
  browser,
  school,
}) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(teacher, school);
  const { sections } = await ask(teacher, "GET", "/api/today");
  const { settings } = await ask(teacher, "GET", `/api/sections/${sections[0].id}`);
  const schools = { ...settings.schools, "who-measures": "by-name" };
  await ask(teacher, "PUT", `/api/sections/${sections[0].id}`, { ...settings, schools });
  const lab = await openLab(
    teacher,
    school,
    "Without egg",
    "1/2 cup granulated sugar\n2 eggs",
    undefined,
    async (id) => {
      await teacher.goto(`/labs/${id}/prepare`);
      await button(teacher, "Settings for Large egg").click();
      const eggs = teacher.getByRole("region", { name: "Settings for Large egg" });
      const swaps = eggs.getByText("Something else at a station");
      await tabTo(swaps);
      await swaps.press("Enter");
      await eggs.getByRole("combobox", { name: "Station" }).selectOption("Hazel");
      await eggs.getByLabel("Instead").fill("a little something");
      await eggs.getByLabel("Instead").press("Enter");
      await expect(eggs.getByText("Write an amount and a food")).toBeVisible();
      await eggs.getByLabel("Instead").fill("1/2 cup applesauce");
      await eggs.getByLabel("Instead").press("Enter");
      const instead = teacher.getByRole("row", { name: /Applesauce/ }).first(); // the other one is of the shopping
      await expect(instead).toContainText("Only Hazel");
      await expect(instead).toContainText("122 g");
      await expectAccessible(teacher);
    },
  );
  const [hazel, alder] = [await someone(browser, { viewport: PHONE }), await someone(browser)];
  await tabletIs(hazel, school, "Hazel", /Hair is tied back/);
  await setUp(hazel);
  await tabletIs(alder, school, "Alder", /Hair is tied back/);
  await setUp(alder);
  await expect(hazel.locator(".todo-row", { hasText: "Applesauce" })).toContainText("measures this");
  await expect(hazel.locator(".todo-row", { hasText: "egg" })).toHaveCount(0);
  await expect(alder.locator(".todo-row", { hasText: "Large egg" })).toBeVisible();
  await expect(alder.locator(".todo-row", { hasText: "Applesauce" })).toHaveCount(0);
  await hazel.evaluate(() => window.scrollTo(0, document.body.scrollHeight)); // all of the last links stand above the footer
  await expectAccessible(hazel);
  await expectLargeTargets(hazel);
  await expectNoSidewaysScroll(hazel);

  await teacher.goto(`/labs/${lab}`);
  await expect(button(teacher, "Alder does not measure Applesauce")).toBeVisible();
  await button(teacher, /^Hazel$/).click();
  await teacher.getByLabel("Oona is away today").click();
  await expect(teacher.getByLabel("Oona is away today")).toBeChecked();
  await expect(hazel.locator(".todo-row", { hasText: "Oona measures this" })).toHaveCount(0);
  await expectAccessible(teacher);
});

test("a week's shopping in packs, by keyboard, less what is at hand", async ({ page, school }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await teacherIsAt(page, school, "/prepare");
  const link = page.getByRole("link", { name: "Shopping for a week" });
  await tabTo(link);
  await link.press("Enter");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Shopping");
  const week = page.getByRole("heading", { level: 1 });
  const now = await week.textContent();
  await button(page, "Week after").press("Enter");
  await expect(week).not.toHaveText(now ?? "");
  await button(page, "Week before").press("Enter");
  await expect(week).toHaveText(now ?? "");
  const flour = page.getByRole("row", { name: /^Bread flour/ });
  await tabTo(page.getByLabel("Bread flour: size of a pack"));
  await page.keyboard.type("a sack");
  await page.keyboard.press("Tab");
  await expect(flour.locator(".wrong")).not.toHaveText("");
  await page.getByLabel("Bread flour: size of a pack").fill("1");
  await page.getByLabel("Bread flour: price of a pack").fill("2,50");
  await page.keyboard.press("Tab");
  await expect(flour).toContainText(/\d packs?/);
  await page.getByLabel("Bread flour: at hand, in that unit").fill("900");
  await page.keyboard.press("Tab");
  await expect(flour).toContainText("enough");
  await page.reload();
  await expect(page.getByLabel("Bread flour: price of a pack")).toHaveValue("2.50");
  await expectAccessible(page);
});
