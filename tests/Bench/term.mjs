// A term of 30 labs, 24 students and some 12,000 weighings: the class's page, its files, and a lab marked. Loopback only, bounded.
import { performance } from "node:perf_hooks";
import { chromium } from "@playwright/test";
import { browserLaunch } from "../../ops/browser.mjs";
import { base, signIn } from "./visitor.mjs";

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];
const teacher = await signIn("/api/teacher/session", { email: "bench1@school.example", password: "bench-and-flour" });
const timed = async (path) => {
  const start = performance.now();
  const answer = await teacher.ask("GET", path);
  if (answer.status !== 200) throw new Error(`${path}: ${answer.status} ${answer.text.slice(0, 200)}`);
  return { ms: performance.now() - start, text: answer.text };
};
const first = await timed("/api/sections/1/review");
const times = [];
for (let i = 0; i < 15; i++) times.push((await timed("/api/sections/1/review")).ms);
const page = JSON.parse(first.text);
console.log(`  ${page.weighings} weighings of ${page.students} students in ${page.labs.length} labs`);
console.log(
  `  class page, server: ${median(times).toFixed(0)} ms median of 15 (aim 300), ${first.ms.toFixed(0)} ms the first time`,
);
const student = page.rows[3].id;
console.log(`  a student's page: ${(await timed(`/api/sections/1/students/${student}/review`)).ms.toFixed(0)} ms`);
for (const file of [
  "weighings.csv",
  "results.csv",
  "marks.csv",
  "checks.csv",
  "practice.csv",
  "oneroster.zip",
  "class.json",
]) {
  const { ms, text } = await timed(`/api/sections/1/files/${file}`);
  console.log(`  ${file}: ${(ms / 1000).toFixed(2)} s, ${(text.length / 1e6).toFixed(1)} MB (aim 3 s)`);
}

const browser = await chromium.launch(browserLaunch);
const desk = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: base.origin, locale: "en-US" });
await desk.goto("/sign-in");
await desk.getByLabel("E-mail").fill("bench1@school.example");
await desk.getByLabel("Password").fill("bench-and-flour");
await desk.getByRole("button", { name: "Sign in" }).click();
await desk.getByRole("heading", { name: "Today" }).waitFor();
const shown = [];
for (let i = 0; i < 5; i++) {
  await desk.getByRole("link", { name: "Today" }).click();
  await desk.getByRole("heading", { name: "Today" }).waitFor();
  const start = performance.now();
  await desk.getByRole("link", { name: "Review" }).click();
  await desk.locator(".term-grid tbody tr").nth(23).waitFor();
  shown.push(performance.now() - start);
}
console.log(`  class page, on screen from the tap: ${median(shown).toFixed(0)} ms median of 5 (aim 1000)`);

// A lab of 24 students marked: every click is counted.
let clicks = 0;
const click = async (what) => {
  clicks++;
  await what.click();
};
await desk.goto(`/review/labs/${page.labs.at(-1).id}/marks`);
const start = performance.now();
await click(desk.getByRole("button", { name: "All handed in on the day" }));
for (let i = 0; i < 24; i++) await click(desk.getByRole("button", { name: /^Accept \d+ for/ }));
await click(desk.getByRole("button", { name: "Give back" }));
await desk.getByRole("button", { name: "Hide from students" }).waitFor();
console.log(
  `  24 students marked and given back: ${clicks} clicks, ${((performance.now() - start) / 1000).toFixed(0)} s by machine; at 4 s a click ${((clicks * 4) / 60).toFixed(1)} min (aim 3)`,
);
await browser.close();
