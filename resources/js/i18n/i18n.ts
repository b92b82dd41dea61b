import i18next from "i18next";
import { initReactI18next } from "react-i18next";

export type Language = "en" | "es";
const KEPT = "hovik.language";

/** Everybody's words; those of the teacher's desk, which a student's phone never fetches; those of the school's
 * keeper and its doors; those of the bench. */
const books = {
  all: { en: () => import("./en.json"), es: () => import("./es.json") },
  teacher: { en: () => import("./en.teacher.json"), es: () => import("./es.teacher.json") },
  school: { en: () => import("./en.school.json"), es: () => import("./es.school.json") },
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

async function load(language: Language) {
  for (const book of needed) {
    if (read.has(`${book} ${language}`)) continue;
    const words = (await books[book][language]()).default;
    i18next.addResourceBundle(language, "translation", words, true);
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
