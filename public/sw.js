// Keeps the application on a device, so that a station opens and goes on without the network. What it keeps: the page, the built
// files (their names carry their content), and the last answers to 'who am I' and 'what is to do'. No target is in those.
const PAGES = "hovik-pages-1";
const FILES = "hovik-files-1";
const ANSWERS = "hovik-answers-1";
const KEPT_ANSWERS = ["/api/session", "/api/work"];
const PATIENCE_MS = 4000;

self.addEventListener("install", (event) => {
  self.skipWaiting();
  event.waitUntil(keepShell());
});
self.addEventListener("activate", (event) => {
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys()) {
        if (![PAGES, FILES, ANSWERS].includes(name)) await caches.delete(name);
      }
      await self.clients.claim();
    })(),
  );
});

/** The page and all its built files, so that a screen not opened yet is there, too. */
async function keepShell() {
  const [page, list] = await Promise.all([fetch("/"), fetch("/build/manifest.json", { cache: "no-store" })]);
  if (page.ok) await (await caches.open(PAGES)).put("/", page);
  if (!list.ok) return;
  const named = new Set();
  for (const one of Object.values(await list.json())) {
    for (const file of [one.file, ...(one.css ?? []), ...(one.assets ?? [])]) named.add(`/build/${file}`);
  }
  const files = await caches.open(FILES);
  for (const old of await files.keys()) {
    if (!named.has(new URL(old.url).pathname)) await files.delete(old);
  }
  for (const file of named) {
    if (!(await files.match(file))) await files.add(file).catch(() => {});
  }
}

const inTime = (request) => fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });

async function page(request) {
  try {
    const answer = await inTime(request.url);
    if (answer.ok) {
      const pages = await caches.open(PAGES);
      const before = await pages.match("/");
      const text = await answer.clone().text();
      await pages.put("/", answer.clone());
      if (before && (await before.text()) !== text) await keepShell(); // a newer build
    }
    return answer;
  } catch {
    return (await caches.match("/", { cacheName: PAGES })) ?? Response.error();
  }
}

async function file(request) {
  const here = await caches.match(request, { cacheName: FILES });
  if (here) return here;
  const answer = await fetch(request);
  if (answer.ok) await (await caches.open(FILES)).put(request, answer.clone());
  return answer;
}

async function answerTo(request) {
  const answers = await caches.open(ANSWERS);
  const key = new URL(request.url).pathname;
  try {
    const answer = await inTime(request);
    if (answer.ok) await answers.put(key, answer.clone());
    else if (answer.status === 401) await answers.delete(key); // nobody's any more
    return answer;
  } catch (error) {
    const kept = await answers.match(key);
    if (kept) return kept;
    throw error;
  }
}

self.addEventListener("fetch", (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== "GET" || url.origin !== location.origin) return;
  if (request.mode === "navigate") event.respondWith(page(request));
  else if (url.pathname.startsWith("/build/assets/")) event.respondWith(file(request));
  else if (KEPT_ANSWERS.includes(url.pathname)) event.respondWith(answerTo(request));
});
// Signed out, or somebody else: what was kept for the last one goes.
self.addEventListener("message", (event) => {
  if (event.data === "forget") event.waitUntil(caches.delete(ANSWERS));
});
