// The board of twelve stations by fourteen ingredients in a real browser, with weigh-ins arriving far faster than hands can: how
// evenly it draws, and how long a key waits. Loopback only, bounded in time.
import { performance } from "node:perf_hooks";
import { chromium } from "@playwright/test";
import { ulid } from "ulid";
import { browserLaunch } from "../../ops/browser.mjs";
import { base, signIn } from "./visitor.mjs";

const STATIONS = Number(process.env.HOVIK_BENCH_STATIONS);
const LINES = Number(process.env.HOVIK_BENCH_LINES);
const A_SECOND = 2; // twelve stations at a real pace make 0.2
const SECONDS = 30;
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const at = (list, share) => [...list].sort((a, b) => a - b)[Math.floor(share * (list.length - 1))] ?? Number.NaN;

const tablets = [];
for (let station = 1; station <= STATIONS; station++) {
  const tablet = await signIn("/api/station/session", { code: `B001${String(station).padStart(2, "0")}XY` });
  tablet.kitchen = await tablet.expect(200, "GET", "/api/work");
  tablets.push(tablet);
}
const weighIn = (tablet, line) =>
  tablet.expect(201, "PUT", `/api/weighings/${ulid()}`, {
    line_id: tablet.kitchen.lines[line].id,
    student_id: tablet.kitchen.students[line % tablet.kitchen.students.length].id,
    scale_id: tablet.kitchen.scales[0].id,
    grams: String(40 + ((line * 37) % 180)),
    ticked: [],
  });
// A full board, half of it weighed twice.
for (const tablet of tablets) {
  for (let line = 0; line < LINES; line++) {
    await weighIn(tablet, line);
    if (line % 2 === 0) await weighIn(tablet, line);
  }
}

const browser = await chromium.launch(browserLaunch);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: base.origin });
await page.goto("/sign-in");
await page.getByLabel("E-mail").fill("bench1@school.example");
await page.getByLabel("Password").fill("bench-and-flour");
await page.getByRole("button", { name: "Sign in" }).click();
await page.getByRole("button", { name: "Go to the board" }).click();
await page
  .locator(".cell svg")
  .nth(STATIONS * LINES - 1)
  .waitFor();
await page.getByText("Live", { exact: true }).waitFor();

await page.evaluate(() => {
  window.frames_ = [];
  window.long_ = [];
  let last = performance.now();
  const frame = (now) => {
    window.frames_.push(now - last);
    last = now;
    requestAnimationFrame(frame);
  };
  requestAnimationFrame(frame);
  new PerformanceObserver((list) => window.long_.push(...list.getEntries().map((one) => one.duration))).observe({
    type: "longtask",
  });
});

let done = false;
let sent = 0;
const arriving = (async () => {
  for (let n = 0; !done; n++) {
    await weighIn(tablets[n % STATIONS], n % LINES);
    sent++;
    await wait(1000 / A_SECOND);
  }
})();
/** Arrow keys for so many seconds: ms from each to the picture after it. */
async function pressArrows(seconds) {
  const keys = [];
  await page.locator('[data-cell="0/0"]').focus();
  const end = performance.now() + seconds * 1000;
  for (let n = 0; performance.now() < end; n++) {
    const key = n % 26 < 13 ? "ArrowRight" : "ArrowDown";
    keys.push(
      await page.evaluate(
        (name) =>
          new Promise((resolve) => {
            const from = performance.now();
            document.activeElement.dispatchEvent(new KeyboardEvent("keydown", { key: name, bubbles: true }));
            requestAnimationFrame(() => requestAnimationFrame(() => resolve(performance.now() - from)));
          }),
        key,
      ),
    );
    await wait(200);
  }
  return keys;
}
const keys = await pressArrows(SECONDS);
const stored = sent;
const { frames, long } = await page.evaluate(() => ({ frames: window.frames_, long: window.long_ }));
// A tablet of some years is a sixth as fast.
const wire = await page.context().newCDPSession(page);
await wire.send("Emulation.setCPUThrottlingRate", { rate: 6 });
const slowly = await pressArrows(SECONDS / 2);
done = true;
await arriving;
console.log(`  ${STATIONS} stations x ${LINES} ingredients, ${stored} weigh-ins in ${SECONDS} s`);
console.log(
  `  a frame     p50 ${at(frames, 0.5).toFixed(1)} ms   p95 ${at(frames, 0.95).toFixed(1)} ms   p99 ${at(frames, 0.99).toFixed(1)} ms   most ${at(frames, 1).toFixed(0)} ms   (${frames.length})`,
);
console.log(
  `  an arrow key, to the picture after it   p50 ${at(keys, 0.5).toFixed(0)} ms   p95 ${at(keys, 0.95).toFixed(0)} ms   most ${at(keys, 1).toFixed(0)} ms`,
);
console.log(
  `  the same at a sixth of the speed        p50 ${at(slowly, 0.5).toFixed(0)} ms   p95 ${at(slowly, 0.95).toFixed(0)} ms   most ${at(slowly, 1).toFixed(0)} ms`,
);
console.log(
  `  work of over 50 ms: ${long.length} times${long.length > 0 ? `, ${at(long, 1).toFixed(0)} ms at most` : ""}`,
);
await browser.close();
for (const tablet of tablets) tablet.close();
