import { type ReactNode, useEffect, useRef } from "react";
import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import "../../css/practice.css";
import "../../css/bench.css";
import type { Problem } from "../api/client";
import AnswerField from "./AnswerField";
import Figure from "./Figure";
import InWords from "./InWords";
import MarkedNote, { type Marked } from "./MarkedNote";
import type { Answer, Question } from "./practice";

type Props = {
  question: Question;
  answer: Answer | undefined;
  onAnswer: (answer: Answer | undefined) => void;
  onSend: (answer: Answer) => void;
  isPending: boolean;
  /** Nothing can be answered any more; what is right may be known, or not yet. */
  isOver: boolean;
  marked: Marked | null | undefined;
  problem: Problem | undefined;
  /** On the button that sends, and what takes its place afterwards. */
  send: string;
  after: ReactNode;
  above?: ReactNode;
  below?: ReactNode;
};

/** A question with its picture, the place to answer it, and how the answer was: alone or with the whole class. */
export default function QuestionForm(props: Props) {
  const { t } = useTranslation();
  const { question, answer, isOver, marked, problem } = props;
  const title = useRef<HTMLHeadingElement>(null);
  // Each question begins at its words: for who hears the screen or uses the keyboard.
  useEffect(() => title.current?.focus(), []);
  return (
    <form
      className="contents"
      onSubmit={(event) => {
        event.preventDefault();
        if (answer !== undefined && !isOver) props.onSend(answer);
      }}
    >
      <main className={`practice ${question.figure.marks || question.figure.rings ? "is-beside" : ""}`}>
        {props.above}
        <h1 ref={title} tabIndex={-1}>
          <KitchenFraction>{question.prompt}</KitchenFraction>
        </h1>
        <Figure question={question} />
        <InWords question={question} />
        <AnswerField
          question={question}
          answer={answer}
          marked={isOver ? { key: marked?.key ?? [] } : undefined}
          onAnswer={props.onAnswer}
        />
        {!isOver && <FieldProblem>{problem && (problem.fields.answer?.[0] ?? problem.message)}</FieldProblem>}
        {props.below}
        {marked && <MarkedNote question={question} marked={marked} />}
      </main>
      <footer className="bench">
        {isOver ? (
          props.after
        ) : (
          <button
            type="submit"
            className="btn btn-primary btn-main"
            disabled={answer === undefined}
            aria-busy={props.isPending}
          >
            {t(props.send)}
          </button>
        )}
      </footer>
    </form>
  );
}
