import { useTranslation } from "react-i18next";

/** 'Tue, Dec 1', of a date or a moment, 'Dec 1' where there is little room; with its year where that is another one. */
export function useDay() {
  const { i18n } = useTranslation();
  return (date: string, room?: "short") =>
    new Intl.DateTimeFormat(i18n.language, {
      ...(room === undefined && { weekday: "short" as const }),
      day: "numeric",
      month: "short",
      ...(date.slice(0, 4) !== String(new Date().getFullYear()) && { year: "numeric" }),
      timeZone: date.length === 10 ? "UTC" : undefined,
    }).format(new Date(date));
}
