import { useSyncExternalStore } from "react";

const listeners = new Set<() => void>();
const tell = () => {
  for (const listener of listeners) listener();
};
window.addEventListener("storage", tell); // another tab of this device

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** Keeps a text in the browser, or forgets it, and lets everybody on the screen who shows it know. */
export function store(area: Storage, key: string, text: string | null) {
  if (text === null) area.removeItem(key);
  else area.setItem(key, text);
  tell();
}

/** A text kept in the browser: one and the same wherever it is shown. */
export const useStored = (area: Storage, key: string) => useSyncExternalStore(subscribe, () => area.getItem(key));
