import { useState } from "react";
import { ulid } from "ulid";

/**
 * A weigh-in being made on this device: kept through a reload or a sign-in, gone once it is stored. Its ULID is made with
 * the first digit, so that sending the same weigh-in twice stores it once.
 */
export type Draft = { id: string; ticked: string[]; grams: string; scale?: number };

const key = (line: number) => `hovik.draft.${line}`;
const empty = (): Draft => ({ id: ulid(), ticked: [], grams: "" });

function read(line: number): Draft {
  try {
    const kept = JSON.parse(sessionStorage.getItem(key(line)) ?? "null");
    return kept && typeof kept.id === "string" ? { ...empty(), ...kept } : empty();
  } catch {
    return empty();
  }
}

/** What to change; worked out from the draft as it is by then, where two keys may come before one drawing. */
type Change = Partial<Draft> | ((before: Draft) => Partial<Draft>);

export function useDraft(line: number): [Draft, (change: Change) => void] {
  const [draft, setDraft] = useState(() => read(line));
  return [
    draft,
    (change) =>
      setDraft((before) => {
        const after = { ...before, ...(typeof change === "function" ? change(before) : change) };
        sessionStorage.setItem(key(line), JSON.stringify(after));
        return after;
      }),
  ];
}

/** A weigh-in of what was measured before: the same steps, another scale. */
export const weighAgain = (line: number, ticked: string[], scale: number) =>
  sessionStorage.setItem(key(line), JSON.stringify({ ...empty(), ticked, scale }));

export const dropDraft = (line: number) => sessionStorage.removeItem(key(line));

/** Who is measuring and on which scale, as last chosen on this device. */
export function useChoice(name: "student" | "scale"): [number | undefined, (id: number) => void] {
  const place = `hovik.${name}`;
  const [id, setId] = useState(() => Number(sessionStorage.getItem(place)) || undefined);
  return [
    id,
    (chosen) => {
      sessionStorage.setItem(place, String(chosen));
      setId(chosen);
    },
  ];
}
