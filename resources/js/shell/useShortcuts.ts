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

/** G and a letter lead to a place, L to the lab that is open; `?` opens the list of keys. */
export function useShortcuts({ lab, help }: { lab: string | undefined; help: () => void }) {
  const go = useNavigate();
  const [isOn] = useLetters();
  const latest = useRef({ lab, help });
  useEffect(() => {
    latest.current = { lab, help };
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
