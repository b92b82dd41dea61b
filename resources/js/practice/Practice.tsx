import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import client, { asProblem, body } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import { Back } from "../kit/icons";
import AskedBar from "./AskedBar";
import type { Answer, Question } from "./practice";
import QuestionForm from "./QuestionForm";

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
      <QuestionForm
        question={question}
        answer={answer}
        onAnswer={(given) => {
          marking.reset();
          setAnswer(given);
        }}
        onSend={marking.mutate}
        isPending={marking.isPending}
        isOver={marked !== undefined}
        marked={marked}
        problem={problem}
        send="practice.check"
        above={<AskedBar />}
        below={
          problem?.status === 409 && (
            <button type="button" className="quiet" onClick={goOn}>
              {t("practice.next")}
            </button>
          )
        }
        after={
          <button type="button" className="btn btn-primary btn-main" onClick={goOn}>
            {t("practice.next")}
          </button>
        }
      />
    </div>
  );
}
