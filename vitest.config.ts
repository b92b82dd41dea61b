import { defineConfig } from "vitest/config";

/** What the browser thinks, without a browser. */
export default defineConfig({
  test: { include: ["tests/Front/*.test.{ts,tsx}"], environment: "jsdom", setupFiles: ["tests/Front/setup.ts"] },
});
