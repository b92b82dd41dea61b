import { useTranslation } from "react-i18next";
import type { Board } from "./board";

/** What of the directions waits for the teacher, so that nobody has to look it up while stations mix. */
export default function AdultSteps({ board }: { board: Board }) {
  const { t } = useTranslation();
  if (board.adults.length === 0) return null;
  return (
    <section>
      <h3 className="side-h">{t("board.adults")}</h3>
      <ul>
        {board.adults.map((step) => (
          <li key={step.text} className="py-1">
            <b>{t(`board.adult.${step.by}`)}</b> {step.text}
            {step.note !== null && <span className="soft block">{step.note}</span>}
            {step.cautions.length > 0 && <span className="soft block">{step.cautions.join(" ")}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
