import i18next from "i18next";
import { initReactI18next } from "react-i18next";

export const LANGUAGES = ["en", "es"] as const;
export type Language = (typeof LANGUAGES)[number];
const KEPT = "hovik.language";

const words = { en: () => import("./en.json"), es: () => import("./es.json") };

function preferred(): Language {
  const kept = localStorage.getItem(KEPT);
  if (kept === "en" || kept === "es") return kept;
  return navigator.languages.some((l) => l.startsWith("es")) && !navigator.language.startsWith("en") ? "es" : "en";
}

async function load(language: Language) {
  if (!i18next.hasResourceBundle(language, "translation")) {
    i18next.addResourceBundle(language, "translation", (await words[language]()).default);
  }
  document.documentElement.lang = language;
}

export async function startWords() {
  const language = preferred();
  await i18next
    .use(initReactI18next)
    .init({ lng: language, fallbackLng: false, interpolation: { escapeValue: false } });
  await load(language);
}

export async function speak(language: Language) {
  await load(language);
  localStorage.setItem(KEPT, language);
  await i18next.changeLanguage(language);
}

export default i18next;
