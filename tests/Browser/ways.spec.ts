import { openLab, setUp } from "./lab";
import {
  button,
  expect,
  expectAccessible,
  expectLargeTargets,
  expectNoSidewaysScroll,
  PHONE,
  someone,
  tabletIs,
  tabTo,
  teacherSignsIn,
  test,
  toScale,
  typeOnKeypad,
} from "./school";

test("another way is allowed by keyboard, and offered on a tablet to whoever measures: weighed out, and judged", async ({
  browser,
  school,
}) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(teacher, school);
  await openLab(teacher, school, "Another way", "1/2 cup granulated sugar\n1/4 cup butter");
  const alder = await someone(browser, { viewport: PHONE });
  await tabletIs(alder, school, "Alder", /Hair is tied back/);
  await setUp(alder);
  await button(alder, "Tavi").click();
  await alder.locator(".todo-row", { hasText: "Granulated sugar" }).click();
  await expect(alder.getByText(/^Get/)).toBeVisible();
  await expect(alder.getByText("How do you measure it?")).toHaveCount(0);

  await teacher.goto("/class");
  await button(teacher, /^Oona/).press("Enter");
  const more = button(teacher, "Other ways for Oona"); // of another station: whose it is, no tablet shows
  await tabTo(more);
  await more.press("Enter");
  await tabTo(teacher.getByLabel("Weigh it out"));
  await teacher.keyboard.press("Space");
  await expect(teacher.getByLabel("Weigh it out")).toBeChecked();
  await expectAccessible(teacher);

  await expect(alder.getByText("How do you measure it?")).toBeVisible(); // without a reload
  await button(alder, "Weigh it out").click();
  await expect(alder.getByText("Weigh 100 g on the scale.")).toBeVisible();
  await expect(button(alder, /Scale flat and on/)).toBeVisible();
  await expectAccessible(alder);
  await expectLargeTargets(alder);
  await expectNoSidewaysScroll(alder);
  await button(alder, "All done").click();
  await toScale(alder);
  await typeOnKeypad(alder, "101");
  await button(alder, "Check this weight").click();
  await expect(alder.getByRole("heading", { name: "Level" })).toBeVisible();

  await alder.goto("/kitchen");
  await button(alder, "Larger letters").click();
  await expect(button(alder, "Larger letters")).toHaveAttribute("aria-pressed", "true");
  await expectNoSidewaysScroll(alder);
  await expectAccessible(alder);
  await expect(alder.locator("html")).toHaveClass(/large-print/);
  await alder.locator(".todo-row", { hasText: "Butter" }).click();
  await expect(alder.getByText("How do you measure it?")).toBeVisible();
  await expectNoSidewaysScroll(alder);
  await alder.goto("/kitchen");
  await button(alder, "Leave").click();
  await expect(
    alder
      .getByRole("link", { name: "Student" })
      .or(alder.getByRole("heading", { level: 1 }))
      .first(),
  ).toBeVisible();
  await expect(alder.locator("html")).not.toHaveClass(/large-print/); // nobody after them sees what they needed
});

test("a sentence is said better by keyboard, and a station that has it open says it so", async ({
  browser,
  school,
}) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(teacher, school);
  await openLab(teacher, school, "In our words", "1 cup all-purpose flour");
  const birch = await someone(browser);
  await tabletIs(birch, school, "Birch", /Hair is tied back/);
  await setUp(birch);
  await birch.locator(".whos .name").first().click();
  await birch.locator(".todo-row", { hasText: "flour" }).click();
  await expect(button(birch, "Hold it over paper or the container")).toBeVisible();

  await teacher.goto("/practise/techniques");
  await teacher.getByRole("link", { name: "Our words" }).press("Enter");
  await teacher.getByLabel("Find a sentence").fill("over paper");
  const change = button(teacher, "Change: Hold it over paper or the container");
  await tabTo(change);
  await change.press("Enter");
  await teacher.getByLabel("Say it so").fill(" ");
  await teacher.keyboard.press("Enter");
  await expect(teacher.getByText("Write what it should say, or put it back.")).toBeVisible();
  await teacher.getByLabel("Say it so").fill("Over paper, always");
  await teacher.keyboard.press("Enter");
  await expect(teacher.getByText("It was: Hold it over paper or the container")).toBeVisible();
  await expectAccessible(teacher);
  await expect(button(birch, "Over paper, always")).toBeVisible();
  await button(teacher, "Use Hovik's words again: Over paper, always").press("Enter");
  await expect(button(birch, "Hold it over paper or the container")).toBeVisible();
});
