import { useState } from "react";
import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import type { Props } from "./answering";

/** The line itself; each word is pressed or not. 'None' is an answer too. */
export default function WordField({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const [isNone, setNone] = useState(false);
  const chosen = Array.isArray(answer) ? answer.map(String) : [];
  return (
    <fieldset className="p-words" disabled={marked !== undefined}>
      <legend className="unseen">{t("practice.markWords")}</legend>
      <p>
        {(question.figure.words ?? []).map(({ id, said }) => (
          <button
            key={id}
            type="button"
            className="word"
            aria-pressed={chosen.includes(id)}
            onClick={() => {
              setNone(false);
              const next = chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id];
              onAnswer(next.length > 0 ? next : undefined);
            }}
          >
            <KitchenFraction>{said}</KitchenFraction>
          </button>
        ))}
      </p>
      <button
        type="button"
        className="name"
        aria-pressed={isNone}
        onClick={() => {
          setNone(true);
          onAnswer([]);
        }}
      >
        {t("practice.none")}
      </button>
    </fieldset>
  );
}
