import { useTranslation } from "react-i18next";

/** 'Tue, Dec 1', of a date or a moment; with its year where that is another one. */
export function useDay() {
  const { i18n } = useTranslation();
  return (date: string) =>
    new Intl.DateTimeFormat(i18n.language, {
      weekday: "short",
      day: "numeric",
      month: "short",
      ...(date.slice(0, 4) !== String(new Date().getFullYear()) && { year: "numeric" }),
      timeZone: date.length === 10 ? "UTC" : undefined,
    }).format(new Date(date));
}
