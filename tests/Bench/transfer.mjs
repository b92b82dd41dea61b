// What a browser fetches on its first visit to a screen, as counted on the wire by Chromium: bin/hovik bench transfer.
import { chromium } from "@playwright/test";
import { browserLaunch } from "../../ops/browser.mjs";

const base = process.env.HOVIK_URL;
const browser = await chromium.launch(browserLaunch);

/** An empty cache, the cookies given, one page load. */
async function firstLoad(path, cookies) {
  const context = await browser.newContext({ baseURL: base, viewport: { width: 390, height: 844 } });
  await context.addCookies(cookies);
  const page = await context.newPage();
  const wire = await context.newCDPSession(page);
  await wire.send("Network.enable");
  const names = new Map();
  const sum = { fonts: 0, rest: 0 };
  wire.on("Network.responseReceived", ({ requestId, response }) => names.set(requestId, response.url));
  wire.on("Network.loadingFinished", ({ requestId, encodedDataLength }) => {
    sum[names.get(requestId)?.endsWith(".woff2") ? "fonts" : "rest"] += encodedDataLength;
  });
  await page.goto(path, { waitUntil: "networkidle" });
  const state = await context.cookies();
  await context.close();
  return { ...sum, state };
}

const context = await browser.newContext({ baseURL: base });
const page = await context.newPage();
await page.goto("/station");
await page.getByLabel("Station code").fill("B00101XY");
await page.getByRole("button", { name: "Set up this tablet" }).click();
// Its set-up first, as everywhere.
await page.locator(".station-check li button").first().waitFor();
for (const item of await page.locator(".station-check li button").all()) await item.click();
await page.locator("footer .btn-main").click();
await page.getByRole("button", { name: "Student 1.1" }).click();
const signedIn = await context.cookies();
await page.locator(".todo-row").first().click();
const measuring = new URL(page.url()).pathname;
await context.close();

for (const [name, path, cookies] of [
  ["join", "/join", []],
  ["my kitchen", "/kitchen", signedIn],
  ["measuring", measuring, signedIn],
  ["at the scale", `${measuring}/weigh`, signedIn],
]) {
  const { rest, fonts } = await firstLoad(path, cookies);
  console.log(
    `${name.padEnd(14)} ${(rest / 1000).toFixed(1).padStart(6)} kB without fonts   ${(fonts / 1000).toFixed(1).padStart(6)} kB of fonts`,
  );
}
await browser.close();
