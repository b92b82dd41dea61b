import { button, expect, measure, someone, tabletIs, teacherSignsIn, test, toScale, typeOnKeypad } from "./school";

test("nonsense in the readout gets its message beside it, and the board stays empty", async ({ browser, school }) => {
  const tablet = await someone(browser);
  await tabletIs(tablet, school, "Alder", "Noor");
  await measure(tablet, "Honey");
  const readout = tablet.getByLabel("Grams typed");
  for (const [typed, says] of [
    ["", "Type the grams the scale shows."],
    ["abc", "Use numbers only, like 94 or 3.5."],
    ["-5", "A weight cannot be below zero."],
    ["1000000000", "more than any kitchen scale"],
    ["42.5", "counts by 1 g"],
    ["0", "The scale shows nothing yet."],
    ["5001", "more than this scale can weigh (5000 g)"],
  ] as const) {
    await readout.fill(typed);
    await button(tablet, "Check this weight").click();
    await expect(tablet.locator("#grams-problem")).toContainText(says);
    await expect(readout).toHaveAttribute("aria-invalid", "true");
    await expect(readout).toHaveValue(typed);
  }
  const teacher = await someone(browser);
  await teacherSignsIn(teacher, school);
  await button(teacher, "Go to the board").click();
  await expect(button(teacher, "Alder, Honey: Not weighed")).toBeVisible();
});

test("an ended session keeps the number and leads back to it", async ({ page, context, school }) => {
  await tabletIs(page, school, "Birch", "Wren");
  await measure(page, "Confectioners' sugar");
  await typeOnKeypad(page, "60");
  await context.clearCookies();
  await button(page, "Check this weight").click();
  await expect(page.getByRole("alert").filter({ hasText: "You were signed out" })).toBeVisible();
  await page.getByRole("link", { name: "Join again" }).click();
  await page.getByLabel("Station code").fill(school.stations.Birch.toLowerCase().replace(/(...)$/, " $1"));
  await button(page, "Set up this tablet").click();
  await page.locator(".todo-row", { hasText: "Confectioners' sugar" }).click();
  await toScale(page); // the steps are still ticked
  await expect(page.getByLabel("Grams typed")).toHaveValue("60");
  await button(page, "Check this weight").click();
  await expect(page.getByRole("heading", { level: 1, name: "Level" })).toBeVisible();
});

test("a page of the school's network that answers instead of us makes nothing forgotten", async ({ page, school }) => {
  await tabletIs(page, school, "Alder", "Ilka");
  await measure(page, "Ground cardamom");
  await typeOnKeypad(page, "3");
  await page.route("**/api/weighings/*", (route) =>
    route.fulfill({ status: 200, contentType: "text/html", body: "<h1>Please sign in to the school's network</h1>" }),
  );
  await button(page, "Check this weight").click();
  await expect(page.getByText("1 waiting to send")).toBeVisible();
  // In front of the other one: in between nothing gets through.
  await page.route("**/api/weighings/*", (route) => route.fulfill({ status: 200, json: { id: "somebody else's" } }));
  await page.reload();
  await expect(page.getByText("1 waiting to send")).toBeVisible();
  await page.unroute("**/api/weighings/*");
  await expect(page.getByText("1 waiting to send")).toBeHidden();
});

test("without the network a weigh-in is kept here, and sent as soon as it is back", async ({
  page,
  context,
  school,
}) => {
  await tabletIs(page, school, "Linden", "Kaito");
  await measure(page, "Confectioners' sugar");
  await typeOnKeypad(page, "61");
  await context.setOffline(true);
  await button(page, "Check this weight").click();
  await expect(page.getByRole("heading", { level: 1, name: "Confectioners' sugar: waiting to send" })).toBeVisible();
  await expect(page.getByText("1 waiting to send")).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText("1 waiting to send")).toBeHidden();
  await button(page, "All ingredients").click();
  await expect(page.locator(".todo-row", { hasText: "Confectioners' sugar" })).toContainText("Level");
});

test("wrong doors stay shut, with the reason at the field", async ({ page, school }) => {
  await page.goto("/join");
  await page.getByLabel("Class code").fill("NOPE");
  await button(page, "Find the class").click();
  await expect(page.getByText("No class has that code.")).toBeVisible();
  await page.goto("/station");
  await button(page, "Set up this tablet").click();
  await expect(page.getByText("Fill this in.")).toBeVisible();
  await page.goto("/sign-in");
  await page.getByLabel("E-mail").fill(school.email);
  await page.getByLabel("Password").fill("wrong");
  await button(page, "Sign in").click();
  await expect(page.getByText("That e-mail and password do not match.")).toBeVisible();
  await page.goto("/today");
  await expect(page).toHaveURL(/sign-in/);
  await page.goto("/kitchen");
  await expect(page.getByRole("link", { name: /I am a student/ })).toBeVisible();
  await page.goto("/no-such-page");
  await expect(page.getByRole("heading", { name: "There is no such page." })).toBeVisible();
});
