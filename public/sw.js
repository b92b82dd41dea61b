// Keeps the application on a device, so that a station opens and goes on without the network. What it keeps: the page, the built
// files (their names carry their content), and the last answers to 'who am I' and 'what is to do'. No target is in those.
const PAGES = "hovik-pages-1";
const FILES = "hovik-files-1";
const ANSWERS = "hovik-answers-1";
const KEPT_ANSWERS = ["/api/session", "/api/work"];
const PATIENCE_MS = 4000;

// The page first, so that it is here at once; its files come while it is used ('keep', below). A new build is another address of this
// worker, and so another worker.
self.addEventListener("install", (event) => {
  self.skipWaiting();
  event.waitUntil(keepPage());
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

async function keepPage() {
  const page = await fetch("/");
  if (page.ok) await (await caches.open(PAGES)).put("/", page);
}

let keeping;
/** All built files, so that a screen not opened yet is there, too. One round at a time. */
const keepFiles = () => {
  keeping ??= fetchFiles().finally(() => {
    keeping = undefined;
  });
  return keeping;
};
async function fetchFiles() {
  const list = await fetch("/build/manifest.json", { cache: "no-store" });
  if (!list.ok) return;
  const named = new Set();
  for (const one of Object.values(await list.json())) {
    for (const file of [one.file, ...(one.css ?? []), ...(one.assets ?? [])]) named.add(`/build/${file}`);
  }
  const files = await caches.open(FILES);
  for (const file of named) {
    if (!(await files.match(file))) await files.add(file).catch(() => {});
  }
  // Of an older build only now: until the new one is whole, a page may ask for them.
  for (const old of await files.keys()) {
    if (!named.has(new URL(old.url).pathname)) await files.delete(old);
  }
}

const inTime = (request) => fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });

async function page(event) {
  try {
    const answer = await inTime(event.request.url);
    if (answer.ok) {
      const pages = await caches.open(PAGES);
      const before = await pages.match("/");
      const text = await answer.clone().text();
      await pages.put("/", answer.clone());
      if (before && (await before.text()) !== text) event.waitUntil(keepFiles()); // a newer build; nobody waits for its files
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
  if (request.mode === "navigate") event.respondWith(page(event));
  else if (url.pathname.startsWith("/build/assets/")) event.respondWith(file(request));
  else if (KEPT_ANSWERS.includes(url.pathname)) event.respondWith(answerTo(request));
});
// Signed out, or somebody else: what was kept for the last one goes.
self.addEventListener("message", (event) => {
  if (event.data === "forget") event.waitUntil(caches.delete(ANSWERS));
  if (event.data === "keep") event.waitUntil(keepFiles());
});
