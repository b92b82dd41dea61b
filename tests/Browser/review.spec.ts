import { readFileSync } from "node:fs";
import {
  ask,
  button,
  expect,
  expectAccessible as isAccessible,
  PHONE,
  someone,
  tabletIs,
  teacherIsAt,
  test,
} from "./school";

/** A picture of one dot. */
const DOT = "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAIAAACQd1PeAAAADElEQVR4nGP43+ECAARVAcz19wCpAAAAAElFTkSuQmCC";

test("a teacher looks back on the term, a lab and a student, by keys", async ({ page, school }) => {
  await teacherIsAt(page, school, "/review");
  await expect(page.getByRole("heading", { name: "This term" })).toBeVisible();
  await isAccessible(page);
  // Arrows move between cells; Enter opens the weigh-ins behind one.
  await page.locator('[data-cell="0 0"]').focus();
  await page.keyboard.press("ArrowDown");
  await expect(page.locator('[data-cell="1 0"]')).toBeFocused();
  const sefa = page.getByRole("button", { name: /^Sefa, Fine powder/ });
  await sefa.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: /^Sefa/ })).toBeVisible();
  await expect(page.locator(".review-side .review-rows li").first()).toContainText("flour");
  await isAccessible(page);
  await page.getByRole("combobox", { name: "Food" }).selectOption({ index: 1 });
  await expect(page.getByRole("columnheader")).toHaveCount(3); // student, one family, the scale
  await page.goto("/review/labs");
  await page.getByRole("link", { name: /Seeded crackers/ }).click();
  await expect(page.getByRole("heading", { name: "Seeded crackers" })).toBeVisible();
  await isAccessible(page);
  await page.getByRole("slider").focus();
  await page.keyboard.press("Home");
  await expect(page.getByText("nothing yet").first()).toBeVisible();
  await page.getByRole("textbox", { name: "For the next time" }).fill("Two bowls each");
  await page.keyboard.press("Tab");
  await page.goto("/review");
  await page.getByRole("link", { name: "Sefa", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Sefa", exact: true })).toBeVisible();
  await isAccessible(page);
});

test("a lab is marked: points say what they came from, other points need a reason, students see them when given back", async ({
  page,
  school,
  browser,
}) => {
  await teacherIsAt(page, school, `/review/labs/${school.labs.crackers}/marks`);
  await expect(page.getByRole("heading", { name: "Marks: Seeded crackers" })).toBeVisible();
  await isAccessible(page);
  await page
    .getByRole("listitem")
    .filter({ hasText: "Technique 40" })
    .getByRole("button", { name: "Use this" })
    .click();
  await button(page, "All handed in on the day").click();
  await button(page, /^Sefa/).click();
  const detail = page.getByRole("region", { name: "Sefa" });
  await expect(detail.getByText("On the day").first()).toBeVisible();
  await isAccessible(page);
  const accuracy = detail.locator(".mark-part").filter({ has: page.getByRole("heading", { name: /^Accuracy/ }) });
  await accuracy.getByRole("button", { name: "Give other points" }).click();
  await accuracy.getByLabel("Points of 40").fill("40");
  await accuracy.getByRole("button", { name: "Give", exact: true }).click();
  await expect(detail.getByRole("alert").filter({ hasText: /\w/ })).toBeVisible();
  await accuracy.getByLabel("Why").fill("The table was not level");
  await accuracy.getByRole("button", { name: "Give", exact: true }).click();
  await expect(detail.getByText("You give others: The table was not level")).toBeVisible();
  // Accepted by a key, and on to the next.
  await detail.getByRole("heading", { name: "Sefa" }).click();
  await page.keyboard.press("a");
  await expect(page.getByText("1 of 22 accepted")).toBeVisible();
  await expect(page.getByRole("region", { name: "Sefa" })).toBeHidden();
  const sefa = await someone(browser, { viewport: PHONE, locale: "es-MX" });
  await sefa.goto(`/join?class=${school.classCode}`);
  await sefa.getByRole("button", { name: /^Sefa/ }).click();
  for (const digit of school.pin) await sefa.getByRole("button", { name: digit, exact: true }).click();
  await sefa.getByRole("button", { name: /^(Unirse|Entrar)/ }).click();
  await sefa.getByRole("link", { name: "Mis resultados" }).click();
  await expect(sefa.getByRole("heading", { name: "Sefa" })).toBeVisible();
  await expect(sefa.getByText("The table was not level")).toBeHidden();
  await isAccessible(sefa);
  await button(page, "Give back").click();
  await expect(button(page, "Hide from students")).toBeVisible();
  await sefa.reload();
  await expect(sefa.getByText("The table was not level")).toBeVisible();
  // The sheet for the family fits half a page, in the language set on the student.
  await page.goto(`/print/feedback?lab=${school.labs.crackers}`);
  await expect(page.locator(".feedback-sheet").first()).toBeVisible();
  await page.emulateMedia({ media: "print" });
  const heights = await page.locator(".feedback-sheet").evaluateAll((all) => all.map((one) => one.scrollHeight));
  const halfPage = (297 - 2 * 11) / 2; // mm
  for (const height of heights) expect(height).toBeLessThanOrEqual((halfPage / 25.4) * 96);
});

test("a rubric with a gap is refused beside the row, and one that holds is kept", async ({ page, school }) => {
  await teacherIsAt(page, school, "/review/rubrics");
  await page
    .getByRole("listitem")
    .filter({ hasText: "Quick" })
    .getByRole("button", { name: "Copy and change" })
    .click();
  await expect(page.getByRole("heading", { name: "New rubric" })).toBeVisible();
  await isAccessible(page);
  await page.getByLabel("Name", { exact: true }).fill("Ours");
  const to = page.getByRole("textbox", { name: "to", exact: true }).first();
  await to.fill("40");
  await button(page, "Save").click();
  await expect(page.getByText("Nothing is said for 41 to 49.")).toBeVisible();
  await to.fill("49");
  await page.getByLabel("Points").first().fill("60");
  await button(page, "Save").click();
  await expect(page.getByText("The points come to 110.")).toBeVisible();
  await page.getByLabel("Points").first().fill("50");
  await button(page, "Save").click();
  await expect(page.getByRole("listitem").filter({ hasText: "Ours" })).toBeVisible();
});

test("the school's list of skills is pasted and tied, and the class's work goes out as files", async ({
  page,
  school,
}) => {
  await teacherIsAt(page, school, "/review/skills");
  await button(page, "Make the list").click();
  await page.getByLabel(/^Paste a list/).fill('F 1.1, Measures flour\nF 2;"Reads a ""jug"""');
  await button(page, "Add 2 lines").click();
  await button(page, "Save").click();
  await expect(page.getByRole("alert").filter({ hasText: "Choose at least one family" })).toBeVisible();
  await page.getByRole("checkbox", { name: "Fine powder" }).first().check();
  await page.getByRole("checkbox", { name: "Thin liquid" }).last().check();
  await isAccessible(page);
  await button(page, "Save").click();
  await button(page, /^Sefa, F 1.1/).click();
  await expect(page.locator(".cell-said")).toContainText("F 1.1");
  await isAccessible(page);
  await page.goto("/review/out");
  await isAccessible(page);
  const download = page.waitForEvent("download");
  await page.getByRole("listitem").filter({ hasText: "Every weigh-in" }).getByRole("link", { name: "CSV" }).click();
  const file = readFileSync(await (await download).path(), "utf8");
  expect(file.charCodeAt(0)).toBe(0xfeff); // its mark
  expect(file.slice(1)).toMatch(/^Day,"?At/);
  expect(file).toContain("Sefa");
});

test("a station takes a picture once the school has turned that on, and the teacher sees it", async ({
  page,
  school,
  browser,
}) => {
  await teacherIsAt(page, school, "/school");
  await page.getByRole("checkbox", { name: /^Stations may take pictures/ }).check();
  await expect(page.getByRole("checkbox", { name: /^Stations may take pictures/ })).toBeChecked();
  const tablet = await someone(browser, { viewport: { width: 1024, height: 768 } });
  await tabletIs(tablet, school, "Hazel", "Oona");
  const work = await ask(tablet, "GET", "/api/work");
  const weighed = work.lines.flatMap((line: { attempts: { id: string }[] }) => line.attempts)[0];
  await tablet.goto(`/kitchen/weighings/${weighed.id}`);
  await expect(tablet.getByText("Hands and food, no faces.")).toBeVisible();
  await tablet.locator('.picture-pick input[type="file"]').setInputFiles({
    name: "flour.png",
    mimeType: "image/png",
    buffer: Buffer.from(DOT, "base64"),
  });
  await expect(tablet.getByText(/^The picture is kept with this ingredient/)).toBeVisible();
  await isAccessible(tablet);
  await page.goto(`/review/labs/${school.labs.buns}`);
  await expect(page.getByRole("img", { name: /^Picture:/ })).toBeVisible();
  await page.getByRole("button", { name: "Take the picture away" }).click();
  await expect(page.getByRole("img", { name: /^Picture:/ })).toHaveCount(0);
});
