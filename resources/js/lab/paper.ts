import { ulid } from "ulid";

/** What is written in one cell: tries with spaces between, then whose they are. One ULID a try, so that it is stored once. */
export type Written = { text: string; ids: string[] };
export type Sheet = Record<string, Written>;
type Action = { type: "write"; key: string; text: string } | { type: "undo" } | { type: "empty" };
export type Typing = { now: Sheet; before: Sheet[] };

const MOST_UNDONE = 200;

const tokens = (text: string) => text.split(/\s+/).filter(Boolean);
const isTry = (token: string) => /^\W*\d/.test(token);

/** Every change can be taken back, one after the other. */
export function typing({ now, before }: Typing, action: Action): Typing {
  if (action.type === "empty") return { now: {}, before: [] };
  if (action.type === "undo") return { now: before.at(-1) ?? now, before: before.slice(0, -1) };
  const { [action.key]: old, ...rest } = now;
  if ((old?.text ?? "") === action.text) return { now, before };
  const ids = tokens(action.text).map((_, at) => old?.ids[at] ?? ulid());
  const next = action.text.trim() === "" ? rest : { ...rest, [action.key]: { text: action.text, ids } };
  return { now: next, before: [...before, now].slice(-MOST_UNDONE) };
}

type Member = { id: number; name: string };
export type Reading = {
  tries: { id: string; grams: string }[];
  /** whom the letters name; undefined without letters */
  student?: Member | undefined;
  /** letters that name nobody here, or several */
  unclear?: { letters: string; several: Member[] };
};

/** `239 221 ma`: two tries of Mateus. Letters are the beginning of a name, or of its words. */
export function read({ text, ids }: Written, members: Member[]): Reading {
  const all = tokens(text);
  const tries = all.filter(isTry).map((grams, at) => ({ id: ids[at] ?? "", grams }));
  const letters = all
    .filter((token) => !isTry(token))
    .join(" ")
    .replaceAll(".", "")
    .toLocaleLowerCase();
  if (letters === "") return { tries };
  const named = members.filter(({ name }) => {
    const words = name.toLocaleLowerCase().split(/[\s-]+/);
    return (
      words.join(" ").startsWith(letters) ||
      words
        .map((word) => word[0])
        .join("")
        .startsWith(letters)
    );
  });
  return named.length === 1 ? { tries, student: named[0] } : { tries, unclear: { letters, several: named } };
}
