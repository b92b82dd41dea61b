/** Which front end is running here, and whether the server has a newer one: every answer says which belongs to it. */
const own = document.querySelector<HTMLMetaElement>('meta[name="hovik-build"]')?.content ?? "";
let isOld = false;

export const hearBuild = (answer: Response) => {
  const now = answer.headers.get("X-Hovik-Build");
  if (own !== "" && now !== null && now !== own) isOld = true;
};

/** Places between two ingredients, or before a lab: nothing is torn from under the hands of somebody who is measuring or typing. */
const BETWEEN = /^\/(kitchen|today|join|station|sign-in)?\/?$/;

/** Loads the page anew where that disturbs nobody. */
export function renewIfOld(path: string, load: () => void = () => location.reload()): boolean {
  if (!isOld || !BETWEEN.test(path)) return false;
  isOld = false;
  load();
  return true;
}

const TRIED = "hovik.reloaded";

/** A part of the page that the server no longer has: the page is older than it thinks. Loaded anew once, not again and again. */
export function reloadForMissingPart(
  kept: Storage = sessionStorage,
  load: () => void = () => location.reload(),
): boolean {
  const last = Number(kept.getItem(TRIED) ?? 0);
  if (Date.now() - last < 60_000) return false;
  kept.setItem(TRIED, String(Date.now()));
  load();
  return true;
}

/** The application stays on the device; a new build is another worker. Its files are fetched while the page is used already. */
export async function keepOnDevice() {
  const workers = navigator.serviceWorker;
  if (!workers) return;
  await workers.register(`/sw.js?build=${own}`);
  (await workers.ready).active?.postMessage("keep");
}
