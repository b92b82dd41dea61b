import { useMemo } from "react";
import { ulid } from "ulid";
import { store, useStored } from "../kit/useStored";
import { type Kitchen, ownerOf, useKitchen } from "./kitchen";

/**
 * A weigh-in being made on this device: kept through a reload, a sign-in or a dead tablet, gone once it is stored. Its ULID is made
 * with the first tick or digit, so that sending the same weigh-in twice stores it once.
 */
export type Draft = {
  id: string;
  ticked: string[];
  /** as typed or taken from the scale, by slot */
  readings: Record<string, string>;
  scale?: number;
  /** cups are weighed empty first, instead of set to zero */
  emptyFirst?: boolean;
  /** what the display counts, where it may be ounces */
  unit?: "g" | "oz";
  /** fills tipped or eggs cracked, one by one: done, or not done */
  answers?: boolean[];
  /** another way than the one that comes first */
  way?: string;
  predicted?: "level" | "heaped" | "shy";
  source?: "typed" | "scale" | "practice";
  /** what the scale sent, by slot */
  reports?: Record<string, string>;
  /** several level measures on the scale at once, where it is too coarse for one */
  together?: boolean;
};

const empty = (): Draft => ({ id: ulid(), ticked: [], readings: {} });

/** By lab and by whose device it is, so that nobody picks up what somebody else began. */
const placeOf = (kitchen: Kitchen) => `hovik.draft.${kitchen.lab?.id}.${ownerOf(kitchen)}.`;

function read(text: string | null): Draft {
  try {
    const kept = JSON.parse(text ?? "null");
    return kept && typeof kept.id === "string" && kept.readings ? { ...empty(), ...kept } : empty();
  } catch {
    return empty();
  }
}

/** What to change; worked out from the draft as it is by then, where two keys may come before one drawing. */
type Change = Partial<Draft> | ((before: Draft) => Partial<Draft>);

export function useDraft(line: number): [Draft, (change: Change) => void] {
  const key = placeOf(useKitchen()) + line;
  const text = useStored(localStorage, key);
  const draft = useMemo(() => read(text), [text]);
  return [
    draft,
    (change) => {
      const kept = localStorage.getItem(key);
      const before = kept === null ? draft : read(kept);
      store(
        localStorage,
        key,
        JSON.stringify({ ...before, ...(typeof change === "function" ? change(before) : change) }),
      );
    },
  ];
}

/** A weigh-in of what was measured before: the same steps, another scale. */
export const weighAgain = (kitchen: Kitchen, line: number, ticked: string[], scale?: number) =>
  store(
    localStorage,
    placeOf(kitchen) + line,
    JSON.stringify({ ...empty(), ticked, ...(scale !== undefined && { scale }) }),
  );

export const dropDraft = (kitchen: Kitchen, line: number) => store(localStorage, placeOf(kitchen) + line, null);

/** Drafts of labs other than these, half-ticked lists among them. */
export function dropOldDrafts(labs: (number | undefined)[]) {
  const now = labs.map((id) => `hovik.draft.${id}.`);
  for (const key of Object.keys(localStorage)) {
    if (key.startsWith("hovik.draft.") && !now.some((one) => key.startsWith(one))) localStorage.removeItem(key);
  }
}

/** Who is measuring, on which scale, and how it is read, as last chosen in this browser; another person may sit here tomorrow. */
export function useChoice(
  name: "student" | "scale" | "source",
): [string | undefined, (chosen: string | number) => void] {
  const key = `hovik.${name}`;
  return [useStored(sessionStorage, key) ?? undefined, (chosen) => store(sessionStorage, key, String(chosen))];
}

/** A choice of one by its number. */
export function useChosenId(name: "student" | "scale"): [number | undefined, (id: number) => void] {
  const [chosen, choose] = useChoice(name);
  return [Number(chosen) || undefined, choose];
}
