import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useRefresh, useSend } from "../api/query";
import { Back } from "../kit/icons";
import AskedBar from "./AskedBar";
import type { Answer, Question } from "./practice";
import QuestionForm from "./QuestionForm";

/** One question, until it is answered and understood. */
export default function AskedAlone({ question }: { question: Question }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const [answer, setAnswer] = useState<Answer>();
  const marking = useSend("post", "/api/practice/{turn}");
  const marked = marking.data;
  const goOn = () => refresh.of("/api/practice");
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
        onSend={(given) =>
          marking.send({ params: { path: { turn: question.turn } }, body: { id: question.id, answer: given } })
        }
        isPending={marking.isPending}
        isOver={marked !== undefined}
        marked={marked}
        problem={marking.problem}
        send="practice.check"
        above={<AskedBar />}
        below={
          marking.problem?.status === 409 && (
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
