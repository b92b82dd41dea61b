import { store, useStored } from "./useStored";

const KEPT = "hovik.decimal";

/** By the region of this device: of its language tags the first of this language that names one; else its region with this language. */
function ofDevice(language: string): string {
  const tags = navigator.languages ?? [];
  const region = tags.map((tag) => new Intl.Locale(tag).region).find(Boolean);
  const tag = tags.find((one) => one.startsWith(`${language}-`)) ?? (region ? `${language}-${region}` : language);
  return (1.5).toLocaleString(tag).charAt(1);
}

/** `.` or `,`: what the class settled, else as this device's region writes numbers. */
export function decimalSign(language: string): string {
  const settled = sessionStorage.getItem(KEPT);
  return settled === "point" ? "." : settled === "comma" ? "," : ofDevice(language);
}

/** Notes what the class settled; null: nothing. */
export const settleDecimal = (sign: "point" | "comma" | null) => store(sessionStorage, KEPT, sign);

/** Draws again when the class settles another. */
export const useSettledDecimal = () => useStored(sessionStorage, KEPT);

/** The language with a region that writes numbers so: what the server is asked for. */
export const tagged = (language = "en") =>
  `${language}-${decimalSign(language) === "." ? "US" : language === "es" ? "ES" : "DE"}`;

/** Showing numbers, never working with them: fixed decimals, the reader's decimal sign, a true minus. */
export function shown(number: number, decimals: number, language: string): string {
  return new Intl.NumberFormat(decimalSign(language) === "," ? "es-ES" : "en-US", {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
    useGrouping: false,
  })
    .format(number)
    .replace("-", "\u2212");
}

/** With its sign always: +10.1, −4.6. */
export function signed(number: number, decimals: number, language: string): string {
  const text = shown(Math.abs(number), decimals, language);
  if (Number(Math.abs(number).toFixed(decimals)) === 0) return text;
  return (number < 0 ? "\u2212" : "+") + text;
}
