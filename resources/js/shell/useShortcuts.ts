import { useEffect, useRef } from "react";
import { useNavigate } from "react-router";
import { isTyping, LETTERS_OFF } from "../kit/isTyping";
import { store, useStored } from "../kit/useStored";

/** Places by the letter that follows G. */
export const PLACES = {
  t: "/today",
  p: "/prepare",
  a: "/practise",
  d: "/drawer",
  i: "/pantry",
  c: "/class",
} as const;

const GOES_MS = 1500;

/** Whether single letters do anything here, and how to say so: who speaks to a computer, or shakes, turns them off. */
export function useLetters(): [boolean, (on: boolean) => void] {
  const off = useStored(localStorage, LETTERS_OFF) === "off";
  return [!off, (on) => store(localStorage, LETTERS_OFF, on ? null : "off")];
}

/** Rows that `J` and `K` walk, and what is to be decided, that `S` goes to: by the first thing in each that takes the focus. */
const ROWS = "main .desk-row, main tbody tr";
const TO_SETTLE = "main [data-settle]";
const STOP = "a[href], button:not([disabled]), input:not([disabled]), select:not([disabled]), [tabindex='0']";

/** The focus goes to the next of these, or the one before, as they stand on the page; past the last it begins again. */
function step(selector: string, by: 1 | -1) {
  const stops = [...document.querySelectorAll<HTMLElement>(selector)].flatMap((row) => {
    const stop = row.matches(STOP) ? row : row.querySelector<HTMLElement>(STOP);
    return stop?.checkVisibility() ? [{ row, stop }] : [];
  });
  const at = stops.findIndex(({ row }) => row.contains(document.activeElement));
  const next = at === -1 && by === -1 ? stops.length - 1 : (at + by + stops.length) % stops.length;
  stops[next]?.stop.focus();
}

type Keys = { lab: string | undefined; help: () => void; find: () => void };

/**
 * G and a letter lead to a place, L to the lab that is open; `?` opens the list of keys, `/` finds anything; `J` and `K` walk the rows of
 * a page, `S` what is left to decide.
 */
export function useShortcuts({ lab, help, find }: Keys) {
  const go = useNavigate();
  const [isOn] = useLetters();
  const latest = useRef({ lab, help, find });
  useEffect(() => {
    latest.current = { lab, help, find };
  });
  useEffect(() => {
    if (!isOn) return;
    let wentAt = Number.NEGATIVE_INFINITY;
    const hear = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      const key = event.key.toLowerCase();
      const isSecond = event.timeStamp - wentAt < GOES_MS;
      wentAt = key === "g" && !isSecond ? event.timeStamp : Number.NEGATIVE_INFINITY;
      if (event.key === "?") return latest.current.help();
      if (event.key === "/") {
        event.preventDefault(); // some browsers find in the page with it
        return latest.current.find();
      }
      if (!isSecond && key === "j") return step(ROWS, 1);
      if (!isSecond && key === "k") return step(ROWS, -1);
      if (!isSecond && key === "s") return step(TO_SETTLE, 1);
      const place = key === "l" ? latest.current.lab : PLACES[key as keyof typeof PLACES];
      if (!isSecond || place === undefined) return;
      // Before any screen takes the letter for its own.
      event.stopImmediatePropagation();
      event.preventDefault();
      go(place);
    };
    window.addEventListener("keydown", hear, { capture: true });
    return () => window.removeEventListener("keydown", hear, { capture: true });
  }, [isOn, go]);
}
