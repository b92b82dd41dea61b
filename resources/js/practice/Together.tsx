import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import client, { asProblem, body } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import { Back } from "../kit/icons";
import "../../css/practice.css";
import type { Marked } from "./MarkedNote";
import type { Answer, Question } from "./practice";
import QuestionForm from "./QuestionForm";
import { useAsked } from "./useAsked";

type Asked = {
  id: number;
  question: Question;
  answered: boolean;
  answer: Answer | null;
  marked: Marked | null;
};

/** What the teacher asks the whole class: answered here, and marked here when the answer is shown on the wall. */
export default function Together() {
  const { t } = useTranslation();
  const asked = useAsked();
  if (asked.isPending) return <Loading />;
  if (!asked.data) return <ProblemNote error={asked.error} retry={asked.refetch} />;
  const now = asked.data.asked as Asked | null;
  return (
    <div className="student">
      <header className="shead">
        <Link to="/kitchen" className="quiet bench-back">
          <Back size={22} />
          {t("practice.leave")}
        </Link>
        <span className="h-line practice-skill">{t("practice.together")}</span>
      </header>
      {now ? (
        <One key={now.id} asked={now} refetch={() => asked.refetch()} />
      ) : (
        <main className="practice">
          <h1>{t("practice.noneAsked")}</h1>
          <p>
            <Link className="btn btn-primary" to="/kitchen/practice">
              {t("practice.alone")}
            </Link>
          </p>
        </main>
      )}
    </div>
  );
}

function One({ asked, refetch }: { asked: Asked; refetch: () => Promise<unknown> }) {
  const { t } = useTranslation();
  const { question, marked } = asked;
  const [draft, setDraft] = useState<Answer>();
  const answer = draft ?? asked.answer ?? undefined;
  const sending = useMutation({
    mutationFn: (given: Answer) =>
      body(
        client.POST("/api/class-question/{asked}", {
          params: { path: { asked: asked.id } },
          body: { id: question.id, answer: given },
        }),
      ),
    onSettled: refetch,
  });
  const problem = sending.isError ? asProblem(sending.error) : undefined;
  return (
    <QuestionForm
      question={question}
      answer={answer}
      onAnswer={(given) => {
        sending.reset();
        setDraft(given);
      }}
      onSend={sending.mutate}
      isPending={sending.isPending}
      isOver={asked.answered || marked !== null}
      marked={marked}
      problem={problem}
      send="practice.send"
      after={
        <p className="all-done" role="status">
          {t(marked ? "practice.nextOnWall" : "practice.sent")}
        </p>
      }
    />
  );
}
