import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import type { Answer } from "./practice";
import QuestionForm from "./QuestionForm";

/** The question of the whole class: an answer can be changed until it is sent. */
export default function AskedTogether({
  asked,
  refetch,
}: {
  asked: Schemas["AskedOfMe"];
  refetch: () => Promise<unknown>;
}) {
  const { t } = useTranslation();
  const { question, marked } = asked;
  const [draft, setDraft] = useState<Answer>();
  const answer = draft ?? (asked.answer as Answer | null) ?? undefined;
  const sending = useSend("post", "/api/class-question/{asked}", { onSettled: refetch });
  return (
    <QuestionForm
      question={question}
      answer={answer}
      onAnswer={(given) => {
        sending.reset();
        setDraft(given);
      }}
      onSend={(given) =>
        sending.send({ params: { path: { asked: asked.id } }, body: { id: question.id, answer: given } })
      }
      isPending={sending.isPending}
      isOver={asked.answered || marked !== null}
      marked={marked}
      problem={sending.problem}
      send="practice.send"
      after={
        <p className="all-done" role="status">
          {t(marked ? "practice.nextOnWall" : "practice.sent")}
        </p>
      }
    />
  );
}
