import type { Body } from "../api/query";
import type { Draft } from "./draft";

/** A number to be read off the scale: the only one, or of a cup that is weighed with the food in it. */
export type Slot = { key: string; kind: "grams" | "full" | "empty"; cup: number };

/** What has to be read, in order; a cup whose weight is not set to zero is read empty first. */
export const slotsOf = (cups: number, emptyFirst: boolean): Slot[] =>
  cups === 0
    ? [{ key: "grams", kind: "grams", cup: 0 }]
    : Array.from({ length: cups }, (_, i) => [
        ...(emptyFirst ? [{ key: `empty${i}`, kind: "empty" as const, cup: i + 1 }] : []),
        { key: `full${i}`, kind: "full" as const, cup: i + 1 },
      ]).flat();

/** The name under which the server speaks of it. */
export const fieldOf = ({ kind, cup }: Slot) => (kind === "grams" ? "grams" : `cups.${cup - 1}.${kind}_g`);

type WeighIn = Body<"put", "/api/weighings/{weighing}">;

/** What was read, as it is sent; a number that is missing is sent empty, so that the answer names its field. */
export const readingOf = (draft: Draft, cups: number): Pick<WeighIn, "grams" | "cups"> => {
  const read = draft.readings;
  return cups === 0
    ? ({ grams: read.grams ?? "" } as unknown as Pick<WeighIn, "grams">)
    : ({
        cups: Array.from({ length: cups }, (_, i) => ({
          full_g: read[`full${i}`] ?? "",
          empty_g: draft.emptyFirst ? (read[`empty${i}`] ?? "") : null,
        })),
      } as unknown as Pick<WeighIn, "cups">);
};
