import { useTranslation } from "react-i18next";
import { Tick } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import type { Props } from "./answering";
import DrawnChoice from "./DrawnChoice";
import { isDrawn, letterOf, nameOfDrawn } from "./practice";

/** One of several. */
export default function ChoiceField({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const areDrawn = isDrawn(question);
  return (
    <fieldset className={`p-choices ${areDrawn ? "p-drawn" : ""}`} disabled={marked !== undefined}>
      <legend className="unseen">{t("practice.chooseOne")}</legend>
      {question.choices.map((choice, i) => (
        <button
          key={choice.id}
          type="button"
          className="name"
          aria-pressed={answer === choice.id}
          onClick={() => onAnswer(choice.id)}
        >
          {areDrawn && <DrawnChoice of={choice} />}
          <span>
            {areDrawn ? (
              t(nameOfDrawn(choice), { letter: letterOf(i) })
            ) : (
              <KitchenFraction>{choice.said}</KitchenFraction>
            )}
          </span>
          {marked?.key.includes(choice.id) && (
            <span className="p-key">
              <Tick size={22} /> {t("practice.isRight")}
            </span>
          )}
        </button>
      ))}
    </fieldset>
  );
}
