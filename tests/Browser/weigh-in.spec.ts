import { openLab, setUp } from "./lab";
import {
  button,
  expect,
  expectAccessible,
  expectLargeTargets,
  expectNoSidewaysScroll,
  measure,
  openBoard,
  type Page,
  PHONE,
  someone,
  tabletIs,
  teacherSignsIn,
  test,
  toScale,
  typeOnKeypad,
} from "./school";

test("a weigh-in typed in one browser shows on the other's board within 2 s, without reload", async ({
  browser,
  school,
}) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(teacher, school);
  await openBoard(teacher);
  const cell = button(teacher, /^Hazel, Butter: Not weighed$/);
  await expect(cell).toBeVisible();
  // A mark that a reload would wipe away.
  await teacher.evaluate(() => {
    (window as unknown as { stayed: boolean }).stayed = true;
  });

  const tablet = await someone(browser);
  await tabletIs(tablet, school, "Hazel", "Mateus");
  await measure(tablet, "Butter");
  await typeOnKeypad(tablet, "43");
  await button(tablet, "Check this weight").click();
  await expect(tablet.getByRole("heading", { level: 1, name: "Level" })).toBeVisible();
  await expect(button(teacher, /^Hazel, Butter: Level, 43.0 g, 1 weigh-in$/)).toBeVisible({ timeout: 2000 });
  expect(await teacher.evaluate(() => (window as unknown as { stayed?: boolean }).stayed)).toBe(true);
});

test("a student joins on a phone and goes from amount to verdict; no target before the weight", async ({
  browser,
  school,
}) => {
  const phone = await someone(browser, { viewport: PHONE, hasTouch: true, isMobile: true });
  await phone.goto("/");
  await phone.getByRole("link", { name: /I am a student/ }).tap();
  await phone.getByLabel("Class code").fill(school.classCode.toLowerCase());
  await button(phone, "Find the class").tap();
  await button(phone, "Zadie Maple").tap();
  for (const digit of school.pin) await phone.getByRole("button", { name: digit, exact: true }).tap();
  await button(phone, "Join as Zadie").tap();

  await expect(phone.getByRole("heading", { name: "Cardamom oat buns" })).toBeVisible();
  await expectNoSidewaysScroll(phone);
  await expectLargeTargets(phone);
  await button(phone, "Measure the honey").tap();
  await expect(phone.getByRole("heading", { level: 1, name: "2 tbsp" })).toBeVisible();
  await expect(phone.getByText("Get the 1 tbsp measuring spoon")).toBeVisible();
  await expectLargeTargets(phone);
  for (let step = 0; step < 5; step++) await button(phone, "Done, next step").tap();
  await toScale(phone);
  await expect(phone.getByText("Bowl on, tare to 0, pour it in.")).toBeVisible();
  await expect(phone.locator("body")).not.toContainText(/target|42/i);
  await expectNoSidewaysScroll(phone);
  await expectLargeTargets(phone);
  await expect(button(phone, "Check this weight")).toBeInViewport();
  await expect(phone.getByRole("button", { name: "0", exact: true })).toBeInViewport();

  for (const digit of "52") await phone.getByRole("button", { name: digit, exact: true }).tap();
  await button(phone, "Check this weight").tap();
  await expect(phone.getByRole("heading", { level: 1, name: "Heaped" })).toBeVisible();
  // Heard once, and whole: the heading has the focus.
  await expect(
    phone.getByRole("heading", { level: 1, name: /Heaped\. 52 grams, 10 g over\. Target 42/ }),
  ).toBeFocused();
  await expect(
    phone.getByRole("img", { name: /Weight 52 g, Heaped\. Target 42 g, Level from 39 to 46 g\./ }),
  ).toBeVisible();
  await button(phone, "How we know").tap();
  await expect(phone.getByText("Level is 39 to 46 g: 9% more or less.")).toBeVisible();
  await button(phone, "Back to the result").tap();
  await expectNoSidewaysScroll(phone);
  await button(phone, "Measure the honey again").tap();
  await expect(button(phone, "Done, next step")).toBeVisible();
});

test("the whole keypad stands above the footer: a tap on the lower edge of 0 types a 0", async ({
  browser,
  school,
}) => {
  for (const viewport of [{ width: 1024, height: 768 }, { width: 1280, height: 800 }, PHONE]) {
    const page = await someone(browser, { viewport });
    await tabletIs(page, school, "Birch", "Lumi");
    await measure(page, "Ground cardamom");
    for (const key of [page.getByRole("button", { name: "0", exact: true }), button(page, "Delete the last digit")]) {
      const box = await key.boundingBox();
      const footer = await page.locator("footer").boundingBox();
      if (!box || !footer) throw new Error("the key and the footer are drawn");
      expect(box.y + box.height).toBeLessThanOrEqual(footer.y);
      expect(box.height).toBeGreaterThanOrEqual(56);
    }
    await typeOnKeypad(page, "1");
    const zero = await page.getByRole("button", { name: "0", exact: true }).boundingBox();
    if (!zero) throw new Error("0 is drawn");
    await page.mouse.click(zero.x + zero.width / 2, zero.y + zero.height - 2);
    await expect(page.getByLabel("Grams typed")).toHaveValue("10");
  }
});

test("what is typed outlives a reload", async ({ page, school }) => {
  await tabletIs(page, school, "Alder", "Bram");
  await measure(page, "Butter");
  await typeOnKeypad(page, "41");
  await page.reload();
  await expect(page.getByLabel("Grams typed")).toHaveValue("41");
});

test("an answer from before somebody came in, late, does not put them out again", async ({ page, school }) => {
  let isIn = () => {};
  const cameIn = new Promise<void>((resolve) => {
    isIn = resolve;
  });
  const late = new Promise<void>((resolve) => {
    page.route("**/api/session", async (route) => {
      const answer = await route.fetch(); // given to nobody in particular
      await cameIn;
      await route.fulfill({ response: answer }).catch(() => {}); // nobody waits for it any more
      resolve();
    });
  });
  await page.goto("/station");
  await page.getByLabel("Station code").fill(school.stations.Rowan);
  await button(page, "Set up this tablet").click();
  await expect(page.locator(".todo-row").first()).toBeVisible();
  isIn();
  await late;
  await page.unroute("**/api/session");
  await page.getByRole("button", { name: "Halima", exact: true }).click();
  await page.reload();
  await expect(page.getByRole("button", { name: "Halima", exact: true })).toHaveAttribute("aria-pressed", "true");
});

test("ticks and fills do not forget each other, and outlive a tablet that dies", async ({ browser, school }) => {
  const page = await someone(browser);
  await tabletIs(page, school, "Rowan", "Halima");
  await page.locator(".todo-row", { hasText: "Light brown sugar" }).click();
  const steps = (on: Page) => on.locator(".todo button");
  await steps(page).first().click();
  await button(page, "Tipped in").click();
  await steps(page).nth(1).click();
  await button(page, "Tipped in").click();
  const isAsLeft = async (on: Page) => {
    await expect(steps(on).nth(0)).toHaveAttribute("aria-pressed", "true");
    await expect(steps(on).nth(1)).toHaveAttribute("aria-pressed", "true");
    await expect(steps(on).nth(2)).toHaveAttribute("aria-pressed", "false");
    await expect(on.getByText("Fill 3 of 4")).toBeVisible();
  };
  await isAsLeft(page);
  const tablet = page.context();
  await page.close();
  const again = await tablet.newPage();
  await again.goto("/kitchen");
  await button(again, /^Halima$/).click();
  await again.locator(".todo-row", { hasText: "Light brown sugar" }).click();
  await isAsLeft(again);
});

test("a reading at the edge is too close, and a finer scale settles it", async ({ page, school }) => {
  await tabletIs(page, school, "Alder", "Noor");
  await measure(page, "Butter");
  await button(page, /^Table left/).click();
  await typeOnKeypad(page, "45");
  await button(page, "Check this weight").click();
  await expect(page.getByRole("heading", { level: 1, name: /Too close/ })).toBeVisible();
  await expect(page.getByText("about 2 g over")).toBeVisible();
  await button(page, "Weigh it again on a finer scale").click();
  await expect(button(page, /^Fine/)).toHaveAttribute("aria-pressed", "true");
  await typeOnKeypad(page, "44");
  await button(page, "Decimal point").click();
  await typeOnKeypad(page, "1");
  await button(page, "Check this weight").click();
  await expect(page.getByRole("heading", { level: 1, name: "Level" })).toBeVisible();
  await expect(page.getByText("2nd weigh-in")).toBeVisible();
});

test("a small amount offers the scale that can judge it first", async ({ page, school }) => {
  await tabletIs(page, school, "Maple", "Ravi");
  await measure(page, "cardamom");
  await expect(button(page, /^Fine/)).toHaveAttribute("aria-pressed", "true");
  await expect(button(page, /^Table left/)).toContainText("cannot weigh so little exactly");
});

test("a weigh-in takes at most eight taps beside its digits", async ({ page, school }) => {
  await tabletIs(page, school, "Maple", "Odile");
  let taps = 0;
  const tap = async (target: ReturnType<typeof button>) => {
    await target.click();
    taps += 1;
  };
  await tap(button(page, /^Quill$/)); // who
  await tap(page.locator(".todo-row", { hasText: "Butter" })); // what
  await tap(button(page, "All steps done"));
  await tap(button(page, "To the scale"));
  await tap(button(page, /^Fine/)); // which scale
  await typeOnKeypad(page, "42");
  await tap(button(page, "Check this weight"));
  await expect(page.getByRole("heading", { level: 1, name: "Level" })).toBeVisible();
  expect(taps).toBeLessThanOrEqual(8);
});

test("food stays in its cups, a weighed-out food in its bowl; each fill is answered, a wild number asked about", async ({
  browser,
  school,
}) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await openLab(teacher, school, "Yogurt loaf", "1 1/2 cups plain yogurt\n400 g all-purpose flour");
  const tablet = await someone(browser);
  await tabletIs(tablet, school, "Hazel", /Hair is tied back/);
  await setUp(tablet);
  await button(tablet, /^Mateus$/).click();

  await tablet.locator(".todo-row", { hasText: "Plain yogurt" }).click();
  await button(tablet, "All steps done").click();
  await expect(tablet.getByText("Fill 1 of 2", { exact: true })).toBeVisible(); // 'all as shown' answers the steps, not the fills
  await toScale(tablet);
  await expect(tablet.getByText("Empty cup on, tare to 0, fill it, back on.")).toBeVisible();
  await button(tablet, /^Full cup 1/).click();
  await typeOnKeypad(tablet, "245");
  await button(tablet, "Check this weight").click();
  await expect(tablet.locator("#grams-problem")).toHaveText("Type the grams the scale shows."); // the second cup is missing
  await button(tablet, /^Full cup 2/).click();
  await typeOnKeypad(tablet, "123");
  await expectLargeTargets(tablet);
  await expectAccessible(tablet);
  await button(tablet, "Check this weight").click();
  await expect(tablet.getByRole("heading", { level: 1, name: "Level" })).toBeVisible();
  await tablet.getByLabel("Emptied cup 1 now shows").fill("6");
  await button(tablet, "Keep it").first().click();
  await expect(tablet.getByText("6 g stayed in the cup: 2.4% of it.")).toBeVisible();
  await tablet.getByLabel("Emptied cup 2 now shows").fill("999");
  await button(tablet, "Keep it").click();
  await expect(tablet.getByText("The emptied cup weighs as much as the full one.")).toBeVisible();

  await tablet.goto("/kitchen");
  await tablet.locator(".todo-row", { hasText: "All-purpose flour" }).click();
  await expect(tablet.getByText("a dry bowl that holds 6 cups or more")).toBeVisible();
  await expect(tablet.getByText("Your recipe says grams")).toBeVisible();
  await button(tablet, "All steps done").click();
  await button(tablet, "To the scale").click();
  await expect(tablet.getByRole("heading", { level: 1, name: "400 g" })).toBeVisible();
  await expect(tablet.getByText("What do you think it will be?")).toBeHidden();
  await typeOnKeypad(tablet, "4999");
  await button(tablet, "Check this weight").click();
  await expect(tablet.getByText("4999 g? That is far from this amount.")).toBeVisible();
  await tablet.getByLabel("Grams typed").fill("436");
  await button(tablet, "Check this weight").click();
  await expect(tablet.getByRole("heading", { level: 1, name: "Heaped" })).toBeVisible();
  await button(tablet, "Weigh it again").click(); // it is still in its bowl
  await expect(tablet.getByText("Over? Take some out before the next zero")).toBeVisible();
  await tablet.getByLabel("Grams typed").fill("4999");
  await button(tablet, "Check this weight").click();
  await button(tablet, "Yes, the scale shows that").click();
  await expect(tablet.getByRole("heading", { level: 1, name: "Heaped" })).toBeVisible();
});
