import { useTranslation } from "react-i18next";
import { Tick } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import type { Props } from "./answering";
import DrawnChoice from "./DrawnChoice";

/** One of several. */
export default function ChoiceField({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const isDrawn = question.choices.some((choice) => choice.tool?.nominal === "");
  return (
    <fieldset className={`p-choices ${isDrawn ? "p-drawn" : ""}`} disabled={marked !== undefined}>
      <legend className="unseen">{t("practice.chooseOne")}</legend>
      {question.choices.map((choice, i) => (
        <button
          key={choice.id}
          type="button"
          className="name"
          aria-pressed={answer === choice.id}
          onClick={() => onAnswer(choice.id)}
        >
          {isDrawn && <DrawnChoice of={choice} />}
          <span>
            {isDrawn ? t("practice.cup", { letter: "ABCDEF"[i] }) : <KitchenFraction>{choice.said}</KitchenFraction>}
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
