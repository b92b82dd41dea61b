import {
  button,
  expect,
  expectAccessible,
  expectLargeTargets,
  expectNoSidewaysScroll,
  measure,
  openBoard,
  PHONE,
  someone,
  sure,
  tabletIs,
  teacherIsAt,
  teacherSignsIn,
  test,
  typeOnKeypad,
} from "./school";

test("without the live stream the board says so and looks for itself", async ({ browser, school }) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacher.route("**/live/labs/**", (route) => route.abort());
  await teacherSignsIn(teacher, school);
  await button(teacher, "Go to the board").click();
  await expect(teacher.getByText("Updates every 5 s")).toBeVisible();
  const cell = button(teacher, "Maple, Ground cardamom: Not weighed");
  await expect(cell).toBeVisible();

  const tablet = await someone(browser);
  await tabletIs(tablet, school, "Maple", "Quill");
  await measure(tablet, "Ground cardamom");
  await typeOnKeypad(tablet, "3");
  await button(tablet, "Check this weight").click();
  await expect(tablet.getByRole("heading", { level: 1, name: "Level" })).toBeVisible();
  await expect(button(teacher, /^Maple, Ground cardamom: Level/)).toBeVisible({ timeout: 15_000 });
});

test("nobody but the lab's teacher may listen", async ({ page, school }) => {
  await tabletIs(page, school, "Alder", "Ilka");
  const statuses = await page.evaluate(async () => {
    const board = await fetch("/api/work", { headers: { Accept: "application/json" } }).then((r) => r.json());
    const listen = await fetch(`/live/labs/${board.lab.id}`, { headers: { Accept: "text/event-stream" } });
    return listen.status;
  });
  expect(statuses).toBe(401);
});

test("the teacher closes the lab: tablets are told and rest, and the next lab opens in one tap", async ({
  browser,
  school,
}) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(teacher, school);
  const tablet = await someone(browser);
  await tabletIs(tablet, school, "Birch", "Lumi");
  const phone = await someone(browser);
  await phone.goto(`/join?class=${school.classCode}`);
  await button(phone, "Dario Birch").click();
  await typeOnKeypad(phone, school.pin);
  await button(phone, "Join as Dario").click();
  await measure(phone, "Butter");
  await typeOnKeypad(phone, "43");

  await button(teacher, "Open the lab").click();
  await expect(teacher.getByRole("alert").filter({ hasText: "Another lab is open" })).toBeVisible();
  await openBoard(teacher);
  await phone.route("**/api/work", (route) => route.abort()); // it has not heard yet
  await button(teacher, "Close the lab").click();
  await sure(button(teacher, "Yes, close it"));
  await expect(teacher.getByText("This lab is closed.")).toBeVisible();
  // Opened again it is not one tap from being closed.
  await button(teacher, "Open it again").click();
  await expect(button(teacher, "Close the lab")).toBeVisible();
  await button(teacher, "Close the lab").click();
  await sure(button(teacher, "Yes, close it"));
  await expect(teacher.getByText("This lab is closed.")).toBeVisible();

  await button(phone, "Check this weight").click();
  await expect(phone.getByRole("alert").filter({ hasText: "This lab is closed." })).toBeVisible();
  await expect(tablet.getByRole("heading", { name: "The lab is closed" })).toBeVisible();

  await teacher.getByRole("link", { name: "Today" }).click();
  await button(teacher, "Open the lab").click();
  await expect(teacher.getByRole("heading", { name: "Ginger pear loaf" })).toBeVisible();
  await expect(button(teacher, "Hazel, Large egg: Not weighed")).toBeVisible();
  await expect(teacher.getByText("Nothing weighed yet")).toBeVisible();

  // Before anybody measures: the station's list, by keyboard, once; the board knows.
  await expect(teacher.getByText("not set up yet")).toHaveCount(6);
  await tabletIs(tablet, school, "Birch", /Hair is tied back/);
  const ready = button(tablet, /things? left|We are ready/);
  await expect(ready).toBeDisabled();
  for (const item of [/Aprons are on/, /Hands are washed/, /counter is clear/])
    await button(tablet, item).press("Enter");
  await expect(ready).toHaveText("1 thing left");
  await expect(tablet.getByText("Raw flour is not for tasting.", { exact: false })).toBeVisible();
  await expectAccessible(tablet);
  await expectLargeTargets(tablet);
  await button(tablet, /We know: today there is/).press("Enter");
  await button(tablet, "We are ready").press("Enter");
  await expect(tablet.getByRole("heading", { name: "What to measure" })).toBeVisible();
  await expect(teacher.getByText("not set up yet")).toHaveCount(5);
  await tablet.reload();
  await expect(tablet.getByRole("heading", { name: "What to measure" })).toBeVisible();
  await button(tablet, "Clean up").click();
  for (const item of [/Tools are washed/, /scale is wiped/, /Shared things/, /waste is sorted/, /Counter and floor/])
    await button(tablet, item).click();
  await button(tablet, "All clean").click();
  await expect(teacher.getByText("cleaned up")).toBeVisible();
});

test("the teacher sets practice for the class; a student finds it, with its day, and is asked it first", async ({
  browser,
  school,
}) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherIsAt(teacher, school, "/practise");
  await expect(teacher.getByRole("heading", { level: 1 })).toBeVisible();
  await teacher.getByText("Assign practice", { exact: true }).press("Enter");
  const ticked = teacher.getByRole("checkbox", { checked: true });
  while ((await ticked.count()) > 0) await ticked.first().uncheck();
  await button(teacher, "Assign").click();
  await expect(teacher.getByText("Fill this in.").first()).toBeVisible();
  await teacher.getByRole("checkbox", { name: "Raw egg" }).check();
  await teacher.getByLabel("By", { exact: true }).fill("2020-01-01");
  await button(teacher, "Assign").click();
  await expect(teacher.getByText("Choose today or a later day.")).toBeVisible();
  await teacher.getByLabel("By", { exact: true }).fill("2099-06-01");
  await button(teacher, "Assign").click();
  await expect(teacher.getByRole("listitem").filter({ hasText: "Raw egg" })).toContainText("done, by");
  await expectAccessible(teacher);

  const phone = await someone(browser, { viewport: PHONE });
  await phone.goto(`/join?class=${school.classCode}`);
  await button(phone, "Bram Alder").click();
  await typeOnKeypad(phone, school.pin);
  await button(phone, "Join as Bram").click();
  await expect(phone.getByText(/From your teacher: 1 skill to practice by/)).toBeVisible();
  await phone.getByRole("link", { name: "Practice" }).first().click();
  await expect(phone.getByRole("heading", { level: 1, name: /What do you do|not safe/ })).toBeVisible();
  await expectNoSidewaysScroll(phone);
});
