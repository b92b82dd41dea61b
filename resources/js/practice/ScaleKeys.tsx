import { keepPreviousData } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { $api, type Body } from "../api/query";
import ScaleFace from "../simulator/ScaleFace";
import type { Answer, Question } from "./practice";

const KEYS = ["power", "unit", "bowl", "tare", "pour"] as const;

type Props = {
  question: Question;
  answer: Answer | undefined;
  marked: unknown;
  onAnswer: (answer: Answer | undefined) => void;
};

/** The drawn scale as it was left, and its keys. */
export default function ScaleKeys({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const keys = (Array.isArray(answer) ? answer : []) as Body<"post", "/api/practice/scale">["keys"];
  const scale = $api.useQuery(
    "post",
    "/api/practice/scale",
    { body: { id: question.id, keys } },
    { placeholderData: keepPreviousData, staleTime: Number.POSITIVE_INFINITY, enabled: !marked, retry: false },
  );
  return (
    <div className="bench-scale p-scale">
      {scale.data && <ScaleFace shown={scale.data} />}
      <div className="bench-keys">
        {KEYS.map((key) => (
          <button
            key={key}
            type="button"
            className="pick"
            disabled={marked !== undefined}
            onClick={() => onAnswer([...keys, key])}
          >
            {t(`bench.scale.${key}`)}
          </button>
        ))}
        <button
          type="button"
          className="pick"
          disabled={keys.length === 0 || marked !== undefined}
          onClick={() => onAnswer(undefined)}
        >
          {t("bench.scale.clear")}
        </button>
      </div>
      <p className="bench-note" role="status">
        {scale.data?.note}
      </p>
    </div>
  );
}
