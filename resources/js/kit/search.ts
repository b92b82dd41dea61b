/** A text as it is searched: no accents, no capitals. */
const plain = (text: string) => text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase().trim();

/** Finds things by any of their names, however they are accented; every word sought must be in the same name. */
export function finds(sought: string): (names: string[]) => boolean {
  const words = plain(sought).split(/\s+/).filter(Boolean);
  return (names) => names.some((name) => words.every((word) => plain(name).includes(word)));
}
