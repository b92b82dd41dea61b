import { useTranslation } from "react-i18next";
import type { Props } from "./answering";

/** Tap a step to put it at the end; tap it in the list to take it back. What does not belong stays where it is. */
export default function OrderField({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const order = Array.isArray(answer) ? answer.map(String) : [];
  const said = (id: string) => question.choices.find((choice) => choice.id === id)?.said ?? "";
  const put = (next: string[]) => onAnswer(next.length > 0 ? next : undefined);
  return (
    <div className="p-order">
      <fieldset disabled={marked !== undefined}>
        <legend>{t("practice.take")}</legend>
        {question.choices
          .filter((choice) => !order.includes(choice.id))
          .map((choice) => (
            <button key={choice.id} type="button" className="name" onClick={() => put([...order, choice.id])}>
              {choice.said}
            </button>
          ))}
      </fieldset>
      <fieldset disabled={marked !== undefined}>
        <legend>{t("practice.order")}</legend>
        <ol>
          {order.map((id, i) => (
            <li key={id}>
              <button
                type="button"
                className="name"
                aria-label={t("practice.takeBack", { what: said(id) })}
                onClick={() => put(order.filter((one) => one !== id))}
              >
                <b className="num">{i + 1}</b> {said(id)}
              </button>
            </li>
          ))}
        </ol>
      </fieldset>
    </div>
  );
}
