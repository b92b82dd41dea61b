import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { isDrawn, letterOf, nameOfDrawn, type Question } from "./practice";

/** What the picture shows, for who does not see it: enough to answer by. */
export default function InWords({ question }: { question: Question }) {
  const { t } = useTranslation();
  const hasDrawnChoices = isDrawn(question);
  if (question.picture === null && !hasDrawnChoices) return null;
  return (
    <details className="p-in-words">
      <summary>{t("practice.inWords")}</summary>
      {question.picture !== null && (
        <p>
          <KitchenFraction>{question.picture}</KitchenFraction>
        </p>
      )}
      {hasDrawnChoices && (
        <ul>
          {question.choices.map((choice, i) => (
            <li key={choice.id}>
              <b>{t(nameOfDrawn(choice), { letter: letterOf(i) })}</b>: <KitchenFraction>{choice.said}</KitchenFraction>
            </li>
          ))}
        </ul>
      )}
    </details>
  );
}
