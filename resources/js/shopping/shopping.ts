import type { Schemas } from "../api/client";
import { $api, useRefresh } from "../api/query";

export type Shopping = Schemas["ShoppingPage"];
export type Row = Shopping["rows"][number];

/** In which packs are sold. */
export const UNITS = ["g", "kg", "oz", "lb", "ml", "l", "fl-oz", "qt", "gal", "piece"] as const;
export type PackUnit = (typeof UNITS)[number];

/** What a week's labs need; of this week where no day of another is given. */
export const useShopping = (day: string | undefined) =>
  $api.useQuery("get", "/api/shopping", day ? { params: { query: { day } } } : {}, { placeholderData: (last) => last });

export function useShoppingRefresh() {
  const refresh = useRefresh();
  return { onSuccess: () => refresh.of("/api/shopping") };
}

/** The same day so many weeks on. */
export function weeksOn(day: string, weeks: number): string {
  const date = new Date(`${day}T00:00:00Z`);
  date.setUTCDate(date.getUTCDate() + 7 * weeks);
  return date.toISOString().slice(0, 10);
}
