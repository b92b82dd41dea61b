// Takes pictures of the running demo: bin/hovik start --fresh, then node ops/screenshots.mjs [folder] [name ...]
// Without a folder: those that docs/screenshots keeps.
import { mkdirSync } from "node:fs";
import { chromium } from "@playwright/test";
import { browserLaunch } from "./browser.mjs";

const base = process.env.HOVIK_URL ?? "http://127.0.0.1:8484";
const KEPT = ["kitchen", "measure", "practice", "weigh", "verdict-heaped", "bench", "period", "today", "board", "recipe", "lab", "class", "drawer", "pantry", "station-card", "my-results", "own-weight", "marks", "review"];
const [folder = "docs/screenshots", ...names] = process.argv.slice(2);
const only = process.argv[2] === undefined ? KEPT : names;
mkdirSync(folder, { recursive: true });

const TABLET = { width: 1024, height: 768 };
const PHONE = { width: 390, height: 844 };
const DESK = { width: 1280, height: 800 };
const browser = await chromium.launch(browserLaunch);

async function visit(viewport, colorScheme = "light", locale = "en-US") {
  const context = await browser.newContext({ viewport, colorScheme, locale, baseURL: base, reducedMotion: "reduce" });
  return context.newPage();
}
const shoot = async (page, name) => {
  if (only.length > 0 && !only.includes(name)) return;
  await page.evaluate(() => document.fonts.ready);
  await page.mouse.move(0, 0);
  await page.screenshot({ path: `${folder}/${name}.png` });
  console.log(name);
};
const button = (page, name) => page.getByRole("button", { name });

async function teacher(page) {
  await page.goto("/sign-in");
  await page.getByLabel("E-mail").fill("achter-lind@tarnvalley.example");
  await page.getByLabel("Password").fill("flour-and-water");
  await button(page, "Sign in").click();
  await page.getByRole("heading", { name: "Today" }).waitFor();
}
async function station(page, code, who) {
  await page.goto("/station");
  await page.getByLabel("Station code").fill(code);
  await button(page, "Set up this tablet").click();
  await page.getByRole("button", { name: who, exact: typeof who === "string" }).click();
}
async function toScale(page, line) {
  await page.locator(".todo-row", { hasText: line }).click();
  await page.getByRole("heading", { level: 1 }).waitFor();
}

for (const [suffix, viewport] of [["", TABLET], ["-phone", PHONE]]) {
  const page = await visit(viewport);
  await page.goto("/");
  await page.getByRole("heading", { level: 1 }).waitFor();
  await shoot(page, `start${suffix}`);
  await page.goto("/join?class=BUNSON");
  await button(page, "Oona").waitFor();
  await shoot(page, `join${suffix}`);
  await station(page, "HAZEL234", "Mateus");
  await shoot(page, `kitchen${suffix}`);
  await toScale(page, "Light brown sugar");
  await button(page, "Done, next step").click();
  await button(page, "Done, next step").click();
  await shoot(page, `measure${suffix}`);
  await button(page, "All steps done").or(button(page, "All done")).click();
  while (await button(page, /: (tipped in|cracked|filled)$/).count()) await page.locator(".btn-main").click();
  await button(page, "To the scale").click();
  await page.getByLabel("Grams typed").waitFor();
  await page.keyboard.type("38");
  await shoot(page, `weigh${suffix}`);
  // Verdicts of weighings already there: shown without adding any to the demo.
  for (const [name, line, verdict] of [["heaped", 0, "heaped"], ["shy", 2, "shy"], ["level", 1, "level"]]) {
    const kitchen = await page.evaluate(() => fetch("/api/work", { headers: { Accept: "application/json" } }).then((r) => r.json()));
    const last = kitchen.lines[line].attempts.at(-1);
    if (last?.verdict !== verdict) console.log(`no ${verdict} at line ${line}: ${last?.verdict}`);
    await page.goto(`/kitchen/weighings/${last.id}`);
    await page.getByRole("heading", { level: 1 }).waitFor();
    if (verdict !== "level") await page.locator(".cause").first().waitFor();
    await shoot(page, `verdict-${name}${suffix}`);
  }
  const linden = await visit(viewport, "dark");
  await station(linden, "LINDE234", "Pell");
  const kitchen = await linden.evaluate(() => fetch("/api/work", { headers: { Accept: "application/json" } }).then((r) => r.json()));
  await linden.goto(`/kitchen/weighings/${kitchen.lines[3].attempts.at(-1).id}`);
  await linden.getByRole("heading", { level: 1 }).waitFor();
  await shoot(linden, `verdict-close-dark${suffix}`);
}

// A half cup that is large, checked with water at its station, and not handed in.
const check = await visit(TABLET);
await station(check, "HAZEL234", "Oona");
await check.goto("/kitchen/check");
await check.locator(".w-tool").nth(2).click();
await button(check, "Oona").click();
await button(check, "Look at it").click();
await button(check, "Start weighing").click();
for (const grams of ["125.4", "125.9", "125.1"]) {
  await check.keyboard.type(grams);
  await button(check, `Keep ${grams} g`).click();
}
await check.keyboard.type("21");
await button(check, "Show the result").click();
await check.locator(".w-word").waitFor();
await shoot(check, "water-check");

// A student's practice: a question of the kind that is asked for, without answering any.
const alone = await visit(TABLET);
await alone.goto("/join?class=BUNSON");
await button(alone, "Ilka Alder").click();
for (const digit of "2468") await alone.getByRole("button", { name: digit, exact: true }).click();
await button(alone, /^Join as/).click();
await alone.getByRole("link", { name: "Practice" }).click();
await alone.locator(".practice h1").waitFor();
await shoot(alone, "practice");
await alone.setViewportSize(PHONE);
await alone.goto("/kitchen/results");
await alone.locator(".my-results h1").waitFor();
await shoot(alone, "my-results");

const desk = await visit(DESK);
await desk.goto("/sign-in");
await desk.getByLabel("E-mail").waitFor();
await shoot(desk, "sign-in");
await teacher(desk);
await shoot(desk, "today");
await button(desk, "Go to the board").click();
await desk.getByText("Live", { exact: true }).waitFor();
await desk.getByRole("button", { name: /^Hazel, Bread flour/ }).click();
await shoot(desk, "board");
await button(desk, /Project/).click();
await shoot(desk, "board-projected");
await button(desk, /Stop projecting/).click();
await desk.goto("/school");
await desk.locator(".people li").first().waitFor();
await shoot(desk, "school");
await desk.getByRole("link", { name: "Prepare" }).click();
await desk.getByRole("link", { name: /Cardamom oat buns 10/ }).waitFor();
await desk.getByRole("link", { name: /Ginger pear loaf 8/ }).click();
await desk.getByRole("heading", { name: "To decide" }).waitFor();
await shoot(desk, "recipe");
await desk.goto("/labs/9/prepare");
await desk.getByRole("heading", { name: "Before lab day" }).waitFor();
await shoot(desk, "lab");
for (const place of ["class", "drawer", "pantry"]) {
  await desk.goto(`/${place}`);
  await desk.getByRole("heading", { level: 1 }).waitFor();
  await shoot(desk, place);
}
for (const [name, path] of [
  ["own-weight", "/pantry/all-purpose-flour/standard"],
  ["experiment", "/review/experiments/1"],
  ["misses", "/review/misses"],
  ["lab-review", "/review/labs/1"],
  ["student-review", "/review/students/6"],
]) {
  await desk.goto(path);
  await desk.getByRole("heading", { level: 1 }).waitFor();
  await shoot(desk, name);
}
await desk.goto("/review");
await desk.getByRole("button", { name: /^Dario, Fine powder/ }).click();
await desk.locator(".review-side .review-rows li").first().waitFor();
await shoot(desk, "review");
await desk.goto("/review/labs/3/marks");
await desk.locator(".rubric-list li, .marks-table").first().waitFor();
const pick = desk.getByRole("button", { name: "Use this" }).first(); // a demo that was looked at before has one
if (await pick.isVisible()) await pick.click();
await desk.getByRole("button", { name: "All handed in on the day" }).click();
await desk.getByRole("button", { name: /^Bram/ }).click();
await desk.getByRole("region", { name: "Bram" }).getByText("On the day").first().waitFor();
await shoot(desk, "marks");
await desk.goto("/shopping");
await desk.getByRole("heading", { level: 1 }).waitFor();
for (const [food, size, unit, stock, price] of [
  ["Bread flour", "2", "kg", "0.5", "3.49"],
  ["Whole milk", "1", "l", "0", "1.20"],
  ["Butter", "250", "g", "100", "2.79"],
  ["Honey", "500", "g", "0", "4.50"],
]) {
  const stored = () => desk.waitForResponse((answer) => answer.url().endsWith("/pack") && answer.ok());
  await desk.getByLabel(`${food}: unit of a pack`).selectOption(unit);
  for (const [box, typed] of [["size of a pack", size], ["at hand, in that unit", stock], ["price of a pack", price]]) {
    const field = desk.getByLabel(`${food}: ${box}`);
    const isNew = (await field.inputValue()) !== typed;
    await field.fill(typed);
    if (isNew) await Promise.all([stored(), field.blur()]);
  }
}
await desk.locator(".shopping tfoot").waitFor();
await shoot(desk, "shopping");
await desk.goto("/practise");
await desk.locator(".ready-t").waitFor();
await shoot(desk, "ready");
await desk.goto("/labs/8/period");
await desk.getByText("with", { exact: false }).first().waitFor();
await desk.locator(".timeline").waitFor();
await shoot(desk, "period");
await desk.goto("/labs/8/paper");
await desk.getByRole("heading", { level: 1 }).waitFor();
await shoot(desk, "paper");
await desk.goto("/practise/techniques/fine-powder");
await button(desk, /^5\. Level/).click();
await shoot(desk, "techniques");
await desk.goto("/practise/simulator");
await button(desk, "Dipped with the cup").click();
await button(desk, "All steps at once").click();
await desk.getByRole("button", { name: "Heaped", exact: true }).click();
await button(desk, "Check this weight").click();
await desk.locator(".bench-result").waitFor();
await shoot(desk, "bench");
await button(desk, "200 times").click();
await button(desk, /^Measure 200/).click();
await desk.locator(".bench-dist").waitFor();
await shoot(desk, "bench-200");
await desk.goto("/print/labs/8/cards");
await desk.locator(".paper-page").first().waitFor();
if (only.length === 0 || only.includes("station-card")) {
  await desk.evaluate(() => document.fonts.ready);
  await desk.locator(".paper-page").nth(2).screenshot({ path: `${folder}/station-card.png` });
  console.log("station-card");
}
await browser.close();
