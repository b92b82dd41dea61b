import { useTranslation } from "react-i18next";
import type { Props } from "./answering";
import DrawnChoice from "./DrawnChoice";

/** How often each tool is filled. */
export default function ToolCountField({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const counts = answer !== undefined && typeof answer === "object" && !Array.isArray(answer) ? answer : {};
  const put = (id: string, count: number) => {
    const next = { ...counts, [id]: count };
    if (count <= 0) delete next[id];
    onAnswer(Object.keys(next).length > 0 ? next : undefined);
  };
  return (
    <ul className="p-tools">
      {question.choices.map((choice) => {
        const count = counts[choice.id] ?? 0;
        return (
          <li key={choice.id} className={count > 0 ? "is-taken" : ""}>
            <span className="p-tool">
              <DrawnChoice of={choice} />
            </span>
            <span className="p-name">{choice.said}</span>
            <button
              type="button"
              className="pick"
              disabled={count === 0 || marked !== undefined}
              aria-label={t("practice.less", { what: choice.said })}
              onClick={() => put(choice.id, count - 1)}
            >
              −
            </button>
            <output className="num" aria-label={choice.said}>
              {count}
            </output>
            <button
              type="button"
              className="pick"
              disabled={count >= 12 || marked !== undefined}
              aria-label={t("practice.more", { what: choice.said })}
              onClick={() => put(choice.id, count + 1)}
            >
              +
            </button>
          </li>
        );
      })}
    </ul>
  );
}
