import { defineConfig } from "@playwright/test";
import { browserLaunch } from "./ops/browser.mjs";

const baseURL = process.env.HOVIK_URL ?? "http://127.0.0.1:8484";

export default defineConfig({
  testDir: "tests/Browser",
  outputDir: "var/log/test/browser",
  fullyParallel: true, // each test has a school of its own
  workers: 3, // one of three waits most of the time: on two processors, three keep both busy
  projects: [
    { name: "beside each other", grepInvert: /@alone|@rooms/, teardown: "alone" },
    { name: "rooms", grep: /@rooms/ }, // for bin/hovik bench rooms: bin/hovik test leaves it out
    { name: "alone", grep: /@alone/ }, // after the others, however they end: it kills the servers that all use
  ],
  forbidOnly: true,
  retries: 1, // a browser on a busy machine stumbles; the summary names who needed the second try
  // A busy machine is three times slower; a test that waits goes on as soon as it sees what it waits for.
  timeout: 90_000,
  expect: { timeout: 15_000 },
  use: {
    actionTimeout: 30_000,
    baseURL,
    locale: "en-US",
    viewport: { width: 1024, height: 768 },
    reducedMotion: "reduce",
    serviceWorkers: "block", // a test that cuts one request wants to see it; outbox.spec.ts tries the worker itself
    trace: process.env.HOVIK_TRACE ? "retain-on-failure" : "off", // costs a third of the time
    screenshot: "only-on-failure",
    launchOptions: browserLaunch,
  },
});
