import { useSyncExternalStore } from "react";
import { Problem, send as put } from "../api/client";
import { add, drop, type Kept, keep, kept } from "./store";

/**
 * Everything that a station stores goes through here: first into this device, then to the server, in order, each once. What the
 * server has answered is gone from here; what it refused stays until somebody has read why. While nothing gets through, it waits.
 */
export type Sent =
  | { state: "sent"; answer: unknown; at: number /* when it went off, in ms since 1970 */ }
  | { state: "kept" }
  | { state: "refused"; problem: Problem };

const RETRY_MS = 3000;
/** What goes with an item only while somebody waits for its answer. */
const whileWatched = new Map<string, object>();
const waiting = new Map<string, (sent: Sent) => void>();
const listeners = new Set<() => void>();
let shown: Kept[] = [];
let sending: Promise<void> | undefined;
let owner: string | undefined;

/** Whose device it is now; what others left on it waits until they are back. */
export const belongsTo = (who: string) => {
  owner = who;
};

const tell = async () => {
  shown = await kept();
  for (const listener of listeners) listener();
};

/** Resolves as soon as it is known: sent, refused, or that it stays here for now. */
export async function post({ watched, ...item }: Omit<Kept, "order"> & { watched?: object }): Promise<Sent> {
  if (watched) whileWatched.set(item.id, watched);
  await add(item);
  const answer = new Promise<Sent>((resolve) => waiting.set(item.id, resolve));
  await tell();
  void flush();
  return answer;
}

const settle = (id: string, sent: Sent) => {
  waiting.get(id)?.(sent);
  waiting.delete(id);
  whileWatched.delete(id);
};

/** Sends what is kept, one after the other. Only one tab of a device sends at a time. */
export function flush(): Promise<void> {
  if (sending) return sending;
  const turn = inTurn(async () => {
    for (const item of await kept()) {
      if (item.refused !== undefined || item.owner !== owner) continue;
      const at = Date.now();
      try {
        const more = waiting.has(item.id) ? whileWatched.get(item.id) : undefined;
        const answer = await put(item.id, item.url, more ? { ...(item.body as object), ...more } : item.body);
        await drop(item.id);
        settle(item.id, { state: "sent", answer, at });
      } catch (error) {
        const problem = error instanceof Problem ? error : new Problem(0, String(error));
        if (problem.isSignedOut || problem.status === 0 || problem.status >= 500 || problem.status === 429) {
          for (const one of waiting.keys())
            settle(one, problem.isSignedOut ? { state: "refused", problem } : { state: "kept" });
          break; // the order is kept: nothing overtakes it
        }
        // While somebody looks at the field it belongs to, it goes back there; else it waits here to be read. What is refused for who sends
        // it, or for its size, has no field to go back to: it may be the only copy there is.
        const hasField = problem.status !== 403 && problem.status !== 413;
        if (waiting.has(item.id) && hasField) await drop(item.id);
        else await keep({ ...item, refused: problem.message });
        settle(item.id, { state: "refused", problem });
      }
    }
    await tell();
  }).finally(() => {
    sending = undefined;
    // What came in while the last one was on its way.
    if (shown.some((item) => waiting.has(item.id))) void flush();
  });
  sending = turn;
  return turn;
}

async function inTurn(work: () => Promise<void>): Promise<void> {
  if (navigator.locks) await navigator.locks.request("hovik-outbox", work);
  else await work();
}

/** A refused one has been read. */
export const forget = async (id: string) => {
  await drop(id);
  await tell();
};

/** Keeps trying as long as there is something, and at once when the network is back. */
export function keepSending() {
  const again = () => {
    if (shown.some((item) => item.refused === undefined && item.owner === owner)) void flush();
  };
  window.addEventListener("online", again);
  const timer = setInterval(again, RETRY_MS);
  void tell().then(again);
  return () => {
    window.removeEventListener("online", again);
    clearInterval(timer);
  };
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** What is still here. */
export const useKept = () =>
  useSyncExternalStore(
    subscribe,
    () => shown,
    () => shown,
  );
