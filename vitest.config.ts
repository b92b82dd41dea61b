import { defineConfig } from "vitest/config";

/** What the browser thinks, without a browser. */
export default defineConfig({
  test: {
    include: ["tests/Front/*.test.{ts,tsx}"],
    environment: "jsdom",
    maxWorkers: "100%",
    setupFiles: ["tests/Front/setup.ts"],
  },
});
