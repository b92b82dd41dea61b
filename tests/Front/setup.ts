import { afterEach } from "vitest";

// Node's own requests need a whole address; a page has one. Before anything is imported, since the client takes it then.
globalThis.Request = class extends Request {
  constructor(url: string | URL | Request, init?: RequestInit) {
    super(typeof url === "string" ? new URL(url, "http://kitchen.test") : url, { ...init, signal: null });
  }
};

// A device that tells no region: numbers are as its language writes them.
Object.defineProperty(navigator, "languages", { value: ["en"], configurable: true });

// What was being typed ends with the tab; each test is one.
afterEach(() => sessionStorage.clear());
