import { store, useStored } from "./useStored";

/** What is being typed, kept in this tab when the page is left, until it is done with. */
export function useKeptText(key: string, first = ""): [string, (text: string) => void, () => void] {
  const place = `hovik.text.${key}`;
  const text = useStored(sessionStorage, place) ?? first;
  return [text, (next) => store(sessionStorage, place, next), () => store(sessionStorage, place, null)];
}

/** Another person may sit here next. */
export function forgetTexts() {
  for (const key of Object.keys(sessionStorage)) if (key.startsWith("hovik.text.")) store(sessionStorage, key, null);
}
