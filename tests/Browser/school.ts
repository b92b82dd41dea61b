import { spawn } from "node:child_process";
import { createInterface } from "node:readline";
import { type Browser, type BrowserContext, test as base, expect, type Locator, type Page } from "@playwright/test";
import Axe from "axe-core";

export const PHONE = { width: 390, height: 844 };
export const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name });

/** Answers what asks once: it is deaf to a double click for half a second, so it is tapped until it has heard. */
export const sure = (yes: Locator) =>
  expect(async () => {
    if (await yes.isVisible()) await yes.click({ timeout: 2000 }); // heard the time before, and went while nobody looked
    await expect(yes).toBeHidden({ timeout: 300 });
  }).toPass({ timeout: 10_000 });

const people: BrowserContext[] = [];

/** A browser of its own: another person, another machine. Gone home when the test is over. */
export async function someone(browser: Browser, options: Parameters<Browser["newContext"]>[0] = {}): Promise<Page> {
  const person = await browser.newContext(options);
  people.push(person);
  return person.newPage();
}

/** The demo's school once more, for one test alone: what it does there is seen by no other. */
export type School = {
  email: string;
  password: string;
  classCode: string;
  pin: string;
  /** Each station's code. */
  stations: Record<"Alder" | "Birch" | "Hazel" | "Linden" | "Maple" | "Rowan", string>;
  labs: { crackers: number; buns: number; loaf: number };
};
type Founding = (with_: "" | "practised") => Promise<School>;

export const test = base.extend<
  { school: School; hasPractised: boolean; roomIsEmptied: undefined },
  { found: Founding }
>({
  found: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads from the pattern what a fixture needs
    async ({}, use) => {
      const hire = () => {
        const maker = spawn("bash", ["ops/twin.sh"], { stdio: ["pipe", "pipe", "inherit"] });
        maker.on("exit", (code, signal) => code !== 0 && console.error(`ops/twin.sh ended: ${code} ${signal}`));
        return { maker, told: createInterface(maker.stdout)[Symbol.asyncIterator]() };
      };
      let at = hire();
      await use(async (with_) => {
        for (let tries = 0; tries < 2; tries++) {
          at.maker.stdin.write(`${with_}\n`);
          const { value, done } = await at.told.next();
          if (!done) return JSON.parse(value);
          at = hire(); // ended by something that is none of the test's affair
        }
        throw new Error("no school could be made: see above");
      });
      at.maker.stdin.end();
    },
    { scope: "worker" },
  ],
  hasPractised: [false, { option: true }],
  school: async ({ found, hasPractised }, use) => use(await found(hasPractised ? "practised" : "")),
  /** Nobody stays behind: a page left open goes on listening, and asks again at whatever later tests do. */
  roomIsEmptied: [
    // biome-ignore lint/correctness/noEmptyPattern: as above
    async ({}, use) => {
      await use(undefined);
      for (const person of people.splice(0)) await person.close();
    },
    { auto: true },
  ],
});
export { expect, type Page };

/** The application asked without a screen, as whoever this browser is signed in as: the parsed answer, or null where it has none. */
export async function ask(page: Page, method: string, path: string, body?: unknown) {
  return (await asked(page, method, path, body)).json().catch(() => null);
}
async function asked(page: Page, method: string, path: string, data?: unknown) {
  const context = page.context();
  const token = (await context.cookies()).find((cookie) => cookie.name === "XSRF-TOKEN")?.value ?? "";
  const headers = { Accept: "application/json", "X-XSRF-TOKEN": decodeURIComponent(token) };
  return context.request.fetch(path, { method, headers, data });
}

/** In by a door, without its form: those are tried by tests of their own. */
export async function enters(page: Page, door: "teacher" | "station", who: Record<string, string>) {
  await asked(page, "GET", "/api/session");
  const answer = await asked(page, "POST", `/api/${door}/session`, who);
  expect(answer.status(), await answer.text()).toBe(200);
}

/** A teacher at one of their screens, opened at once: a page more on the way costs a second, and tries nothing. */
export async function teacherIsAt(page: Page, { email, password }: School, path: string) {
  await enters(page, "teacher", { email, password });
  await page.goto(path);
}

export async function teacherSignsIn(page: Page, school: School) {
  await teacherIsAt(page, school, "/today");
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
}

export async function openBoard(page: Page) {
  await button(page, "Go to the board").click();
  await expect(page.getByText("Live", { exact: true })).toBeVisible();
}

export async function tabletIs(page: Page, school: School, station: keyof School["stations"], who: string | RegExp) {
  await enters(page, "station", { code: school.stations[station] });
  await page.goto("/kitchen");
  await page.getByRole("button", { name: who, exact: typeof who === "string" }).click();
}

/** Tab until it has the focus, as somebody without a mouse would; all the way round the page, and not for ever. */
export async function tabTo(target: Locator) {
  const found = target.first();
  await expect(found).toBeVisible();
  const once = async () => {
    // Found by its name as seldom as may be: looking for it after each Tab is slow.
    const element = await found.elementHandle();
    for (let tabs = 0; tabs < 60; tabs++) {
      if (await element?.evaluate((one) => one === document.activeElement)) return true;
      await found.page().keyboard.press("Tab");
    }
    return false; // drawn anew meanwhile, or out of the Tab key's reach
  };
  expect((await once()) || (await once()) || (await once()), `${target} is reached by Tab`).toBe(true);
}

/** From the list of ingredients to the scale, all steps ticked. */
export async function measure(page: Page, ingredient: string) {
  await page.locator(".todo-row", { hasText: ingredient }).click();
  await button(page, /^All (steps )?done$/).click();
  await toScale(page);
  await expect(page.getByLabel("Grams typed")).toBeVisible();
}

/** Every fill and every egg is answered before the scale. */
export async function toScale(page: Page) {
  const next = page.locator(".btn-main");
  const answered = page.locator(".count-marks .counted");
  while (/: (tipped in|cracked|filled)$/.test((await next.textContent()) ?? "")) {
    const before = await answered.count();
    await next.click();
    await expect(answered).toHaveCount(before + 1);
  }
  await button(page, "To the scale").click();
}

export async function typeOnKeypad(page: Page, digits: string) {
  for (const digit of digits) await page.getByRole("button", { name: digit, exact: true }).click();
}

/**
 * WCAG 2.2 AA, by the rules a machine can check; or those of colour alone, where only the theme differs. They are put into a page once
 * and asked there for what is wrong alone: a page has no frames to gather from, and half of a test's time went into that.
 */
export async function expectAccessible(page: Page, rules: "all" | "colour" = "all") {
  await page.evaluate(() => document.fonts.ready);
  if (!(await page.evaluate(() => "axe" in window))) await page.evaluate(Axe.source);
  const wrong = await page.evaluate(async (only) => {
    const { violations } = await (window as unknown as { axe: typeof Axe }).axe.run(document, {
      runOnly: only === "colour" ? ["color-contrast"] : ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"],
      resultTypes: ["violations"],
    });
    return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(" ")).join(", ")}`);
  }, rules);
  expect(wrong).toEqual([]);
}

/** Nothing may reach past the right edge of the screen. */
export async function expectNoSidewaysScroll(page: Page) {
  expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(
    0,
  );
}

/** Student screens: everything pressed is at least 56 px high. */
export async function expectLargeTargets(page: Page) {
  const small = await page
    .locator("main button:visible, footer button:visible")
    .evaluateAll((all) =>
      all.map((b) => [b.textContent, b.getBoundingClientRect().height] as const).filter(([, h]) => h < 55.5),
    );
  expect(small).toEqual([]);
}
