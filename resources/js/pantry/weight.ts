import type { Schemas } from "../api/client";
import { shown } from "../kit/numbers";

export type Entry = Schemas["PantryEntry"];

const decimals = (grams: number) => (grams >= 10 ? (Number.isInteger(grams) ? 0 : 1) : 2);

export const weight = (grams: number | null, language: string) =>
  grams === null ? "" : shown(grams, decimals(grams), language);
