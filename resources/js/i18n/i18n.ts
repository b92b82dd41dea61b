import i18next from "i18next";
import { initReactI18next } from "react-i18next";

export type Language = "en" | "es";
const KEPT = "hovik.language";

/** Everybody's words; those of the teacher's desk, which a student's phone never fetches; those of the school's
 * keeper and its doors; those of checks, own weights and experiments; those of the bench. */
const books = {
  all: { en: () => import("./en.json"), es: () => import("./es.json") },
  teacher: { en: () => import("./en.teacher.json"), es: () => import("./es.teacher.json") },
  school: { en: () => import("./en.school.json"), es: () => import("./es.school.json") },
  checks: { en: () => import("./en.checks.json"), es: () => import("./es.checks.json") },
  review: { en: () => import("./en.review.json"), es: () => import("./es.review.json") },
  bench: { en: () => import("./en.bench.json"), es: () => import("./es.bench.json") },
};
type Book = keyof typeof books;
const needed = new Set<Book>(["all"]);
const read = new Set<string>();
let started = () => {};
/** The router looks for screens before the first words are there. */
const ready = new Promise<void>((resolve) => {
  started = resolve;
});

function preferred(): Language {
  const kept = localStorage.getItem(KEPT);
  if (kept === "en" || kept === "es") return kept;
  return navigator.languages.some((l) => l.startsWith("es")) && !navigator.language.startsWith("en") ? "es" : "en";
}

/** Words of a British school by those that stand in the books. */
let british: Record<string, string> | null = null;

/** A text, or all texts in a book, in other words; what is filled in, in braces, stays. */
export function respelled<Words>(words: Words, by: Record<string, string>): Words {
  const any = new RegExp(`\\{\\{\\w+|\\b(?:${Object.keys(by).join("|")})\\b`, "gi");
  const one = (found: string) => {
    const word = by[found.toLowerCase()] ?? found;
    return found[0] === found[0]?.toLowerCase() ? word : `${word[0]?.toUpperCase()}${word.slice(1)}`;
  };
  const all = (part: unknown): unknown =>
    typeof part === "string"
      ? part.replace(any, one)
      : Object.fromEntries(Object.entries(part as object).map(([key, value]) => [key, all(value)]));
  return all(words) as Words;
}

/** English as the school of whoever is in writes it; null: as it stands. */
export async function spell(words: Record<string, string> | null) {
  if (JSON.stringify(words) === JSON.stringify(british)) return;
  british = words;
  for (const book of needed) read.delete(`${book} en`);
  if (i18next.language !== "en") return;
  await load("en");
  await i18next.changeLanguage("en"); // all that is on the screen says it anew
}

async function load(language: Language) {
  for (const book of needed) {
    if (read.has(`${book} ${language}`)) continue;
    const words = (await books[book][language]()).default;
    const said = british && language === "en" ? respelled(words, british) : words;
    i18next.addResourceBundle(language, "translation", said, true, true);
    read.add(`${book} ${language}`);
  }
  document.documentElement.lang = language;
}

export async function startWords() {
  const language = preferred();
  await i18next
    .use(initReactI18next)
    .init({ lng: language, fallbackLng: false, interpolation: { escapeValue: false } });
  await load(language);
  started();
}

/** Before the first screen that needs them. */
export async function learn(book: Book) {
  needed.add(book);
  await ready;
  await load(i18next.language as Language);
}

export async function speak(language: Language) {
  await load(language);
  localStorage.setItem(KEPT, language);
  await i18next.changeLanguage(language);
}

export default i18next;
