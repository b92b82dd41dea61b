/** Showing numbers, never working with them: fixed decimals, the reader's decimal sign, a true minus. */
export function shown(number: number, decimals: number, language: string): string {
  return new Intl.NumberFormat(language === "es" ? "es-ES" : "en-US", {
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
