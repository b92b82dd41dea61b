import { useTranslation } from "react-i18next";

/** A day and a time as people here say them: `28 Nov, 10:05`. */
export function useMoment(timeZone?: string) {
  const { i18n } = useTranslation();
  const said = new Intl.DateTimeFormat(i18n.language, {
    day: "numeric",
    month: "short",
    hour: "2-digit",
    minute: "2-digit",
    ...(timeZone !== undefined && { timeZone }),
  });
  return (at: string) => said.format(new Date(at));
}
