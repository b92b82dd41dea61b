import {
  ask,
  button,
  expect,
  expectAccessible,
  expectLargeTargets,
  expectNoSidewaysScroll,
  type Page,
  PHONE,
  type School,
  someone,
  teacherIsAt,
  teacherSignsIn,
  test,
  typeOnKeypad,
} from "./school";

type Asked = { turn: number; id: string; kind: string; choices: { id: string }[] };

async function join(page: Page, school: School, name: string) {
  await page.goto(`/join?class=${school.classCode}`);
  await button(page, name).click();
  await typeOnKeypad(page, school.pin);
  await button(page, /^Join as/).click();
  await page.getByRole("link", { name: "Practice" }).press("Enter");
  await expect(page.getByRole("heading", { level: 1 })).toBeFocused();
}
const asked = (page: Page): Promise<Asked> => ask(page, "GET", "/api/practice");

/** Any answer, by what the keyboard can do on this screen. */
async function answerByKeyboard(page: Page, kind: string) {
  const main = page.locator("main");
  if (kind === "choice") await main.locator(".p-choices .name").first().press("Enter");
  if (kind === "order") for (let i = 0; i < 3; i++) await main.locator(".p-order .name").first().press("Enter");
  if (kind === "number") {
    const lower = button(page, "Lower your eye");
    if (await lower.isVisible()) {
      while (!(await page.getByText("Eye at the line").isVisible())) await lower.press("Enter");
    }
    await page.getByLabel("Your answer").focus();
    await page.keyboard.type("1 1/2");
  }
  if (kind === "tools")
    await button(page, /^One more: /)
      .first()
      .press("Enter");
  if (kind === "words") await button(page, "Nothing before measuring").press("Enter");
  if (kind === "keys")
    for (const key of ["On / off", "Bowl on", "Tare", "Pour it in"]) await button(page, key).press("Enter");
  await button(page, "Check my answer").press("Enter");
  await expect(page.getByRole("heading", { name: /^(Right|Not yet)$/ })).toBeFocused();
}
/** Past a kind that has been seen: answered as the screen would send it. */
const skip = (page: Page, { turn, id, kind, choices }: Asked) => {
  const first = choices[0]?.id ?? "";
  const answers: Record<string, unknown> = {
    choice: first,
    order: [first],
    number: "7",
    tools: { [first]: 1 },
    words: [],
    keys: ["power"],
  };
  return ask(page, "POST", `/api/practice/${turn}`, { id, answer: answers[kind] });
};

test("a session with every kind of question, by keyboard alone", async ({ browser, school }) => {
  test.setTimeout(180_000);
  const page = await someone(browser);
  await join(page, school, "Quill Maple");
  const seen = new Set<string>();
  for (let i = 0; i < 60 && seen.size < 6; i++) {
    const question = await asked(page);
    if (seen.has(question.kind)) {
      await skip(page, question);
      continue;
    }
    seen.add(question.kind);
    await page.goto("/kitchen/practice");
    await expect(page.getByRole("heading", { level: 1 })).toBeFocused();
    await expectAccessible(page);
    await answerByKeyboard(page, question.kind);
    await button(page, "Next question").press("Enter");
    await expect(button(page, "Check my answer")).toBeVisible();
  }
  expect([...seen].sort()).toEqual(["choice", "keys", "number", "order", "tools", "words"]);
});

test("practice fits a phone, and goes on where it was left", async ({ browser, school }) => {
  const page = await someone(browser, { viewport: PHONE, hasTouch: true });
  await join(page, school, "Zadie Maple");
  for (let i = 0; i < 4; i++) {
    const question = await asked(page);
    await expectNoSidewaysScroll(page);
    await expectLargeTargets(page);
    await answerByKeyboard(page, question.kind);
    await expectNoSidewaysScroll(page);
    await button(page, "Next question").tap();
    await expect(button(page, "Check my answer")).toBeVisible();
  }
  const prompt = await page.getByRole("heading", { level: 1 }).textContent();
  await page.getByRole("link", { name: "Back to my kitchen" }).tap();
  await page.reload();
  await page.getByRole("link", { name: "Practice" }).tap();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(prompt ?? "");
  await expect(page.getByText(/\d more today|Enough for today/)).toBeVisible();
});

test.describe("after weeks of practice", () => {
  test.use({ hasPractised: true });

  test("the teacher sees who is ready for the lab, and what the class gets wrong", async ({ browser, school }) => {
    const page = await someone(browser);
    await join(page, school, "Tavi Alder");
    for (let i = 0; i < 12; i++) await skip(page, await asked(page)); // mostly wrong
    const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
    await teacherSignsIn(teacher, school);
    await teacher.getByRole("link", { name: "Practice" }).click();
    await expect(teacher.getByRole("heading", { level: 1, name: "Ready for Cardamom oat buns?" })).toBeVisible();
    await expect(teacher.getByRole("row", { name: /^Tavi/ })).toContainText("comes back another day");
    await expect(teacher.getByRole("row", { name: /^Noor/ })).not.toContainText("comes back another day");
    await expect(
      teacher
        .getByRole("listitem")
        .filter({ hasText: /\d+ students?, / })
        .first(),
    ).toBeVisible();
    await expectAccessible(teacher);
  });
});

test("the teacher projects one question, and shows the answer when all have written theirs", async ({
  browser,
  school,
}) => {
  const page = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherIsAt(page, school, "/practise");
  await page.getByRole("link", { name: "Project a question" }).press("Enter");
  await page.getByLabel("Skill").selectOption("order-steps");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Put the steps for");
  await expect(page.locator(".p-key")).toHaveCount(0);
  await button(page, "Show the answer").press("Enter");
  await expect(page.locator(".p-key").first()).toBeVisible();
  await expect(page.getByRole("status")).toContainText("Leave out");
  await expectAccessible(page);
  const before = await page.getByRole("listitem").allTextContents();
  await button(page, "Another question").press("Enter");
  await expect(button(page, "Show the answer")).toBeVisible();
  await expect.poll(() => page.getByRole("listitem").allTextContents()).not.toEqual(before);
});

test("a question for everybody: on the wall, answered on phones by keyboard, counted, and shown on both", async ({
  browser,
  school,
}) => {
  const teacher = await someone(browser, { viewport: { width: 1280, height: 800 } });
  await teacherSignsIn(teacher, school);
  const [ravi, emrys] = [await someone(browser, { viewport: PHONE }), await someone(browser)];
  await join(ravi, school, "Ravi Maple");
  await join(emrys, school, "Emrys Rowan");
  await teacher.goto("/practise");
  await teacher.getByRole("link", { name: "Project a question" }).press("Enter");
  await teacher.getByLabel("Skill").selectOption("guess-verdict");
  await button(teacher, "Ask on their devices").press("Enter");
  await expect(teacher.getByText("0 of 22 have answered")).toBeVisible();
  for (const student of [ravi, emrys]) {
    await student.getByRole("link", { name: "Answer" }).press("Enter");
    await expect(student.getByRole("heading", { level: 1 })).toContainText("What will the scale say?");
  }
  const { id } = (await ask(teacher, "GET", "/api/today")).sections[0];
  const wall = await ask(teacher, "GET", `/api/sections/${id}/question?skill=guess-verdict&level=1&seed=1`);
  const verdicts = ["Level", "Heaped", "Shy"];
  const right = verdicts.find((one) => wall.marked.key.includes(one.toLowerCase())) ?? "";
  const wrong = verdicts.find((one) => one !== right) ?? "";
  await expectAccessible(ravi);
  await expectNoSidewaysScroll(ravi);
  await expectLargeTargets(ravi);
  await button(ravi, right).press("Enter");
  await button(ravi, "Send my answer").press("Enter");
  await expect(ravi.getByText("Sent. Talk it over")).toBeVisible();
  await expect(teacher.getByText("1 of 22 have answered")).toBeVisible();
  await button(emrys, wrong).press("Enter");
  await button(emrys, "Send my answer").press("Enter");
  await expect(teacher.getByText("2 of 22 have answered")).toBeVisible();
  await ravi.reload();
  await expect(ravi.getByText("Sent. Talk it over")).toBeVisible();
  await expect(ravi.locator(".practice-marked")).toHaveCount(0); // nobody is told before the wall is
  await button(teacher, "Show the answer").press("Enter");
  await expect(teacher.getByText("1 of 2 right")).toBeVisible();
  await expect(teacher.getByRole("listitem").filter({ hasText: right })).toContainText("1 student");
  await expect(ravi.getByRole("heading", { name: "Right" })).toBeVisible();
  await expect(emrys.getByRole("heading", { name: "Not yet" })).toBeVisible();
  await expectAccessible(teacher);
  await expectAccessible(emrys);
  await button(teacher, "Another question").press("Enter");
  await expect(button(emrys, "Send my answer")).toBeVisible();
  await button(teacher, "Take it off their devices").press("Enter");
  await expect(emrys.getByRole("heading", { name: "No question right now." })).toBeVisible();
});
