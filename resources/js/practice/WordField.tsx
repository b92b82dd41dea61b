import { useState } from "react";
import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import type { Props } from "./answering";

/** The line itself; each word is pressed or not. 'None' is an answer too. */
export default function WordField({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const [isNone, setNone] = useState(false);
  const chosen = Array.isArray(answer) ? answer.map(Number) : [];
  return (
    <fieldset className="p-words" disabled={marked !== undefined}>
      <legend className="unseen">{t("practice.markWords")}</legend>
      <p lang="en">
        {(question.figure.words ?? []).map((word, i) => (
          <button
            // biome-ignore lint/suspicious/noArrayIndexKey: the words of one line, in order
            key={i}
            type="button"
            className="word"
            aria-pressed={chosen.includes(i)}
            onClick={() => {
              setNone(false);
              const next = chosen.includes(i) ? chosen.filter((one) => one !== i) : [...chosen, i];
              onAnswer(next.length > 0 ? next : undefined);
            }}
          >
            <KitchenFraction>{word}</KitchenFraction>
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
