import { defineConfig } from "vitest/config";

/** What the browser thinks, without a browser. */
export default defineConfig({ test: { include: ["tests/Front/*.test.ts"], environment: "jsdom" } });
