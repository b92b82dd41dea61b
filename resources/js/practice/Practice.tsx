import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import client, { asProblem, body } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import FieldProblem from "../kit/FieldProblem";
import { Back, Tick } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import "../../css/practice.css";
import "../../css/bench.css";
import AnswerField from "./AnswerField";
import Figure from "./Figure";
import type { Answer, Question } from "./practice";

const KEY = ["practice"];

/** One question at a time: answer, see why, go on. Left and come back to, it is where it was. */
export default function Practice() {
  const asked = useQuery({ queryKey: KEY, queryFn: () => body(client.GET("/api/practice")) });
  if (asked.isPending) return <Loading />;
  if (!asked.data) return <ProblemNote error={asked.error} retry={asked.refetch} />;
  return <Asked key={asked.data.id} question={asked.data} />;
}

function Asked({ question }: { question: Question }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [answer, setAnswer] = useState<Answer>();
  const title = useRef<HTMLHeadingElement>(null);
  const verdict = useRef<HTMLHeadingElement>(null);
  const marking = useMutation({
    mutationFn: (given: Answer) =>
      body(
        client.POST("/api/practice/{turn}", {
          params: { path: { turn: question.turn } },
          body: { id: question.id, answer: given },
        }),
      ),
  });
  const marked = marking.data;
  const problem = marking.isError ? asProblem(marking.error) : undefined;
  const goOn = () => queries.invalidateQueries({ queryKey: KEY });
  // Each question begins at its words, each marking at its verdict: for who hears the screen or uses the keyboard.
  useEffect(() => title.current?.focus(), []);
  useEffect(() => {
    if (marked) verdict.current?.focus();
  }, [marked]);
  const left = Math.max(0, question.a_day - question.done_today - (marked ? 1 : 0));

  return (
    <div className="student">
      <header className="shead">
        <Link to="/kitchen" className="quiet bench-back">
          <Back size={22} />
          {t("practice.leave")}
        </Link>
        <span className="h-line practice-skill">{question.skill}</span>
        <span className="soft ml-auto num">
          {left > 0 ? t("practice.left", { count: left }) : t("practice.enough")}
        </span>
      </header>
      <form
        className="contents"
        onSubmit={(event) => {
          event.preventDefault();
          if (answer !== undefined && !marked) marking.mutate(answer);
        }}
      >
        <main className={`practice ${question.figure.marks || question.figure.rings ? "is-beside" : ""}`}>
          <h1 ref={title} tabIndex={-1}>
            <KitchenFraction>{question.prompt}</KitchenFraction>
          </h1>
          <Figure question={question} />
          <AnswerField
            question={question}
            answer={answer}
            marked={marked}
            onAnswer={(given) => {
              marking.reset();
              setAnswer(given);
            }}
          />
          <FieldProblem>{problem && (problem.fields.answer?.[0] ?? problem.message)}</FieldProblem>
          {problem?.status === 409 && (
            <button type="button" className="quiet" onClick={goOn}>
              {t("practice.next")}
            </button>
          )}
          {marked && (
            <section className={`practice-marked ${marked.right ? "is-right" : ""}`} role="status">
              <h2 ref={verdict} tabIndex={-1}>
                {marked.right && <Tick size={26} />}
                {t(marked.right ? "practice.right" : "practice.notYet")}
              </h2>
              {marked.because && <p>{marked.because}</p>}
              <p>
                <KitchenFraction>{marked.explanation}</KitchenFraction>
              </p>
              {marked.condition && <p className="soft">{marked.condition}</p>}
            </section>
          )}
        </main>
        <footer className="bench">
          {marked ? (
            <button type="button" className="btn btn-primary btn-main" onClick={goOn}>
              {t("practice.next")}
            </button>
          ) : (
            <button
              type="submit"
              className="btn btn-primary btn-main"
              disabled={answer === undefined}
              aria-busy={marking.isPending}
            >
              {t("practice.check")}
            </button>
          )}
        </footer>
      </form>
    </div>
  );
}
