import type { Schemas } from "../api/client";
import { store, useStored } from "../kit/useStored";
import { useToday } from "./useToday";

type Section = Schemas["TodaySection"];

const CHOSEN = "hovik.class";

/** Two classes of one name are told apart by when they begin. */
export function nameAmong(one: Section, all: Section[]): string {
  return all.some((other) => other.id !== one.id && other.name === one.name)
    ? `${one.name} · ${one.starts_at}`
    : one.name;
}

/** The running ones first: their lab is open, or their period is going on. */
export function runningFirst(sections: Section[]): Section[] {
  const isOn = (one: Section) => Number(one.is_now || one.labs.some((lab) => lab.state === "open"));
  return [...sections].sort((a, b) => isOn(b) - isOn(a));
}

/**
 * The class in question: the one that was chosen in this tab, else the one that is running, else the last one used on this device, else the
 * first. Chart, recipes, practice and simulator go by it.
 */
export function useClassHere() {
  const today = useToday();
  const chosen = useStored(sessionStorage, CHOSEN);
  const last = useStored(localStorage, CHOSEN);
  const sections = runningFirst((today.data?.sections ?? []).filter(({ runs }) => runs));
  const by = (id: string | null) => sections.find((one) => String(one.id) === id);
  const running = sections.find((one) => one.is_now || one.labs.some((lab) => lab.state === "open"));
  return {
    today,
    sections,
    section: by(chosen) ?? running ?? by(last) ?? sections[0],
    choose: chooseClass,
  };
}

/** Kept for this tab, and for the next time on this device. */
export function chooseClass(id: number) {
  store(sessionStorage, CHOSEN, String(id));
  store(localStorage, CHOSEN, String(id));
}
