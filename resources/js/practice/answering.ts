import type { Answer, Question } from "./practice";

/** Once answered; with what is right, once that may be known. */
type Marked = { key: string[] } | undefined;

export type Props = {
  question: Question;
  answer: Answer | undefined;
  marked: Marked;
  onAnswer: (answer: Answer | undefined) => void;
};
