import type { Schemas } from "../api/client";

export type Question = Schemas["PracticeQuestion"];
export type Choice = Question["choices"][number];
/** A choice, a number as typed, a list in order, counts by tool, words by place, or keys. */
export type Answer = string | (string | number)[] | Record<string, number>;

/** Its choices are pictures without lettering. */
export const isDrawn = (question: Question) => question.choices.some((choice) => choice.tool?.nominal === "");

export const letterOf = (place: number) => "ABCDEFGHIJKLMNOP"[place];

export const nameOfDrawn = ({ tool }: Choice) => (tool?.kind === "measuring-spoon" ? "practice.spoon" : "practice.cup");
