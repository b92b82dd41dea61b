import { readFileSync } from "node:fs";
import type { Browser, Locator } from "@playwright/test";
import { openLab } from "./lab";
import { enters, expect, expectAccessible, type Page, PHONE, type School, someone, sure, tabTo } from "./school";

type Hands = { language: "en" | "es"; locale: string; isByKey: boolean };
type Words = { [key: string]: string | Words };

/** What the screens say, from where they have it themselves. */
function sayings(language: string) {
  const books = ["", ".teacher", ".bench"].map(
    (book) => JSON.parse(readFileSync(`resources/js/i18n/${language}${book}.json`, "utf8")) as Words,
  );
  return (key: string, blanks: Record<string, string | number> = {}): string => {
    const find = (words: Words) =>
      key.split(".").reduce<string | Words | undefined>((at, part) => (at as Words)?.[part], words);
    const said = books.map(find).find((one) => typeof one === "string");
    if (typeof said !== "string") throw new Error(`nothing is said for ${key}`);
    return said.replace(/\{\{(\w+)\}\}/g, (_, name) => String(blanks[name]));
  };
}

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
const starts = (text: string) => new RegExp(`^${escaped(text)}`);

/**
 * A whole lab: three stations, one of them at a shared tablet, two at phones, one student away; a weight typed wrong, a line sent back, a
 * pause, the lab closed and opened again in the middle of it. By keys alone or by mouse, in either language; every state by axe's rules.
 */
export async function wholeLab(browser: Browser, school: School, { language, locale, isByKey }: Hands) {
  const t = sayings(language);
  const food = language === "es" ? { flour: "Harina de trigo", sugar: "Azúcar" } : { flour: "flour", sugar: "sugar" };
  const act = async (target: Locator) => {
    await expect(target.first()).toBeVisible();
    if (!isByKey) return target.first().click();
    await target.first().focus();
    await target.page().keyboard.press("Enter");
  };
  const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name });

  const teacher = await someone(browser, { locale, viewport: { width: 1280, height: 800 } });
  await openLab(teacher, school, "Flatbread", "1 cup all-purpose flour\n1/2 cup granulated sugar");

  // One is away today.
  await act(button(teacher, /^Hazel$/));
  const away = teacher.getByLabel(t("board.away", { name: "Oona" }));
  if (isByKey) await away.press(" ");
  else await away.click();
  await expect(away).toBeChecked();

  // A shared tablet and two phones; each station sets up before it measures.
  const tablet = await someone(browser, { locale });
  await enters(tablet, "station", { code: school.stations.Hazel });
  await tablet.goto("/kitchen");
  const phoneOf = async (name: string) => {
    const phone = await someone(browser, { locale, viewport: PHONE });
    await phone.goto(`/join?class=${school.classCode}`);
    await act(button(phone, starts(name)));
    await phone.getByLabel(t("join.pin")).fill(school.pin);
    await act(button(phone, t("join.go", { name })));
    await act(button(phone, t("check.toSetUp")));
    return phone;
  };
  const [dario, odile] = [await phoneOf("Dario"), await phoneOf("Odile")];
  for (const device of [tablet, dario, odile]) {
    const open = device.locator('.station-check li button[aria-pressed="false"]');
    await expect(open.first()).toBeVisible();
    if (device !== odile) await expectAccessible(device); // the second phone has the first one's screens
    while ((await open.count()) > 0) await act(open);
    await act(button(device, t("check.set-up-done")));
    await expect(device.getByRole("heading", { name: t("kitchen.what") })).toBeVisible();
  }
  await act(tablet.getByRole("button", { name: "Mateus", exact: true }));
  await expectAccessible(tablet);

  /** From the list to the scale, every step and fill answered. */
  const toScale = async (page: Page, ingredient: string) => {
    await act(page.locator(".todo-row", { hasText: ingredient }));
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    await expectAccessible(page);
    await act(page.locator("footer .btn-second"));
    while (!page.url().endsWith("/weigh")) {
      const said = await page.locator("footer .btn-main").textContent();
      await act(page.locator("footer .btn-main"));
      await expect(page.locator("footer .btn-main")).not.toHaveText(said ?? "");
    }
  };
  const type = async (page: Page, digits: string) => {
    await expect(page.locator("main.weigh")).toBeVisible(); // its address comes before its keys do
    if (isByKey) return page.keyboard.type(digits);
    for (const digit of digits) await page.getByRole("button", { name: digit, exact: true }).click();
  };
  const check = (page: Page) => act(button(page, t("weigh.check")));
  const verdict = (page: Page, id: "level" | "heaped") =>
    expect(page.getByRole("heading", { level: 1, name: t(`verdict.${id}`) })).toBeVisible();
  const list = (page: Page) => act(button(page, new RegExp(`^(${t("result.all")}|${t("result.allShort")})`)));

  // Typed wrong, taken back, typed again; the board says so.
  await toScale(tablet, food.flour);
  await expect(teacher.locator(".cell .now", { hasText: "Mateus" })).toBeVisible();
  await expectAccessible(tablet);
  await type(tablet, "521");
  await check(tablet);
  await verdict(tablet, "heaped");
  await expectAccessible(tablet);
  await act(button(tablet, t("result.typedWrong")));
  await expect(tablet).toHaveURL(/weigh$/);
  await type(tablet, "125");
  await check(tablet);
  await verdict(tablet, "level");
  await act(teacher.locator("[data-cell]", { hasText: "125" }));
  await expect(teacher.getByText(t("board.retyped"))).toBeVisible();
  await expect(teacher.locator(".attempt.is-corrected")).toContainText("521");
  await expectAccessible(teacher);
  await teacher.keyboard.press("Escape");

  // A miss; the teacher looks at everything, sends it back, and every word of it arrives.
  await list(tablet);
  await toScale(tablet, food.sugar);
  await type(tablet, "140");
  await check(tablet);
  await verdict(tablet, "heaped");
  await list(tablet);
  await act(button(tablet, t("gate.ready")));
  await expect(button(teacher, starts("Hazel: "))).toBeVisible();
  await teacher.keyboard.press("h");
  await expect(teacher.locator(".gate-row")).toHaveCount(1);
  await expectAccessible(teacher);
  await act(teacher.locator(".gate-acts .btn-now"));
  await expect(tablet.locator(".told")).toContainText(food.sugar);
  await expectAccessible(tablet);
  await act(button(tablet, t("told.gotIt")));
  await expect(tablet.locator(".told")).toBeHidden();
  await teacher.keyboard.press("Escape");

  // Two phones are in the middle of it when the lab pauses and goes on, is closed and opened again.
  await toScale(dario, food.flour);
  await type(dario, "12");
  await act(odile.locator(".todo-row", { hasText: food.flour }));
  const everybody = [tablet, dario, odile];
  const hear = async (id: string) => {
    for (const device of everybody) await expect(device.locator(".told")).toContainText(t(`told.${id}`));
  };
  await act(button(teacher, t("board.pause")));
  await hear("paused");
  await act(button(teacher, t("board.resume")));
  await hear("resumed");
  await act(button(teacher, t("board.close")));
  const yes = button(teacher, t("board.closeYes"));
  if (isByKey) await tabTo(yes);
  await sure(yes);
  await hear("closed");
  for (const device of [dario, odile]) {
    await expect(device.getByRole("heading", { name: t("kitchen.closed") })).toBeVisible();
    if (device === dario) await expectAccessible(device);
  }
  await act(button(teacher, t("board.reopen")));
  await hear("opened");
  await expect(dario.locator(".readout")).toHaveValue("12"); // what was typed is there, on the screen it was typed on
  await act(dario.locator(".told button"));
  await type(dario, "5");
  await check(dario);
  await verdict(dario, "level");

  // Measured again, looked at again, and let go: with nothing open that is one key.
  await tablet.locator(".told button").click();
  await toScale(tablet, food.sugar);
  await type(tablet, "100");
  await check(tablet);
  await verdict(tablet, "level");
  await list(tablet);
  await act(button(tablet, t("gate.ready")));
  await expect(button(teacher, starts("Hazel: "))).toBeVisible();
  await teacher.keyboard.press("h");
  await expect(teacher.getByText(t("gate.nothingOpen"))).toBeVisible();
  if (isByKey) await teacher.keyboard.press("a");
  else await act(button(teacher, starts(t("gate.let", { station: "Hazel" }))));
  await expect(tablet.locator(".told")).toContainText(t("told.released"));
  await expect(tablet.getByText("Mix it all.")).toBeVisible();
  await expectAccessible(tablet);
  await expect(teacher.locator(".undo")).toContainText(t("board.did-released", { station: "Hazel" }));
}
