// Odd requests over HTTP on the stack of `bin/hovik bench fuzz`, loopback only: every route of the contract and some that are none, with
// odd ids, bodies, headers and methods, as everybody there is. No answer may be a fault of the server's.
import { readFileSync } from "node:fs";
import { performance } from "node:perf_hooks";
import { base, signIn, Visitor } from "./visitor.mjs";

const REQUESTS = Number(process.env.HOVIK_BENCH_REQUESTS ?? 20_000);
const AT_ONCE = 6;
let seed = Number(process.env.HOVIK_BENCH_SEED ?? 20261128);
const chance = () => {
  seed = (seed * 48271) % 2147483647;
  return seed / 2147483647;
};
const pick = (list) => list[Math.floor(chance() * list.length)];

const ODD = [
  null,
  "",
  " ",
  0,
  -1,
  1.5,
  1e308,
  "1e999",
  "NaN",
  true,
  [],
  [[]],
  {},
  { a: { b: { c: [1, { d: 2 }] } } },
  "9".repeat(400),
  "é".repeat(3000),
  "a\u0000b",
  "\u202Eevil",
  '=HYPERLINK("x")',
  "' OR 1=1 --",
  "<script>alert(1)</script>",
  "2026-13-45",
  "25:99",
  "../../etc/passwd",
  Number.MAX_SAFE_INTEGER,
  "18446744073709551616",
  '{"a":',
  "ñ",
  "١٢٣",
  "1/0",
  "1\n2",
  "🥣",
  "\uD800",
  "%00",
  "\r\nX: y",
];
const IDS = [
  "0",
  "-1",
  "1",
  "2",
  "3",
  "999999999999999999",
  "x",
  "..",
  "%00",
  "%2e%2e",
  "1%20OR%201",
  "01JDF8Z9X3M5N7P9Q1R3S5T7V9",
  "é",
  "%C3%28",
];
const contract = JSON.parse(readFileSync("docs/openapi.json", "utf8"));
const resolve = (schema) =>
  schema?.$ref
    ? schema.$ref
        .split("/")
        .slice(1)
        .reduce((at, key) => at[key], contract)
    : schema;
const routes = Object.entries(contract.paths).flatMap(([path, methods]) =>
  Object.entries(methods)
    .filter(([method]) => ["get", "post", "put", "delete"].includes(method))
    .map(([method, operation]) => ({
      method: method.toUpperCase(),
      path,
      fields: Object.keys(resolve(operation.requestBody?.content?.["application/json"]?.schema)?.properties ?? {}),
      query: (operation.parameters ?? [])
        .map(resolve)
        .filter((one) => one.in === "query")
        .map((one) => one.name),
    })),
);

const visitors = [
  new Visitor(),
  await signIn("/api/teacher/session", { email: "bench1@school.example", password: "bench-and-flour" }),
  await signIn("/api/teacher/session", { email: "bench2@school.example", password: "bench-and-flour" }),
  await signIn("/api/station/session", { code: "B00101XY" }),
  await signIn("/api/station/session", { code: "B00202XY" }),
];
await visitors[0].expect(200, "GET", "/api/session");
const counts = {};
const faults = [];
let sent = 0;
const start = performance.now();
const one = async () => {
  while (sent < REQUESTS) {
    sent++;
    const { method, path, fields, query } = pick(routes);
    const visitor = pick(visitors);
    if (method === "DELETE" && path === "/api/session") continue; // everybody would be nobody soon
    let url = path.replace(/\{\w+\}/g, () => pick(IDS));
    if (query.length > 0 || chance() < 0.1) {
      url += `?${[...query, ...(chance() < 0.2 ? ["x[]", "page"] : [])].map((name) => `${name}=${encodeURIComponent(String(pick(ODD)).toWellFormed())}`).join("&")}`;
    }
    if (chance() < 0.03) url += pick(["/", "//", "/..", "%", ";x", "/x/y/z"]);
    const body = Object.fromEntries(fields.filter(() => chance() < 0.8).map((field) => [field, pick(ODD)]));
    if (chance() < 0.05) body[String(pick(ODD)).toWellFormed()] = pick(ODD);
    const as = chance() < 0.04 ? pick(["PATCH", "OPTIONS", "GET", "PUT", "POST"]) : method;
    const text = chance() < 0.03 ? pick(["{", "[1,2", "null", '"x"', "\u0000", "a=b"]) : JSON.stringify(body);
    const status = await visitor
      .raw(
        as,
        url,
        as === "GET" ? undefined : text,
        chance() < 0.05 ? { "Accept-Language": pick(["xx", "es-MX", "*", ";;q=9", "é"].filter((v) => v !== "é")) } : {},
      )
      .catch((error) => (error.code === "ECONNRESET" ? 0 : Promise.reject(error)));
    counts[status] = (counts[status] ?? 0) + 1;
    if (status >= 500 && status !== 507) faults.push(`${as} ${url} ${status} ${text?.slice(0, 300)}`);
  }
};
await Promise.all(Array.from({ length: AT_ONCE }, one));
console.log(
  `  ${sent} requests to ${routes.length} routes at ${base} in ${((performance.now() - start) / 1000).toFixed(0)} s`,
);
console.log(
  `  answers: ${Object.entries(counts)
    .map(([status, n]) => `${status} ${n}`)
    .join(", ")}`,
);
for (const fault of faults.slice(0, 20)) console.log(`  FAULT ${fault}`);
console.log(`  ${faults.length} faults`);
for (const visitor of visitors) visitor.close();
process.exit(faults.length === 0 ? 0 : 1);
