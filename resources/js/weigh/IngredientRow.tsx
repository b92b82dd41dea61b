import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import VerdictGlyph from "../kit/VerdictGlyph";
import { useKept } from "../outbox/outbox";
import { keptOf, type Line, latest } from "./kitchen";

type Props = { line: Line; isNext: boolean; measure: (line: Line) => void };

/** An ingredient in the list: how much of it, and how it stands. */
export default function IngredientRow({ line, isNext, measure }: Props) {
  const { t } = useTranslation();
  const kept = useKept();
  const last = latest(line);
  const isKept = keptOf(line, kept).length > 0;
  return (
    <button type="button" className={`todo-row ${isNext ? "next" : ""}`} onClick={() => measure(line)}>
      <VerdictGlyph verdict={last?.verdict ?? "none"} tolerances={last?.tolerances ?? 0} size={40} hidden />
      <span className="what">
        <b>{line.name}</b>
        <span className="running">
          <KitchenFraction>{line.amount}</KitchenFraction>
        </span>
        {line.store !== null && last && <span className="todo-who">{line.store}</span>}
        {line.given && <span className="todo-who">{t("kitchen.given", { name: line.given })}</span>}
      </span>
      <span className="todo-how text-right">
        {isKept ? (
          <span>{t("outbox.here")}</span>
        ) : line.sent_back !== null ? (
          <span className="tag-now">{t("gate.again")}</span>
        ) : (
          <span className={last ? `v-${last.verdict}` : "unseen"}>{t(`verdict.${last?.verdict ?? "none"}`)}</span>
        )}
        {last && (
          <span className="soft block text-[0.9375rem] font-normal">
            {[
              last.student,
              line.attempts.length > 1 && t("kitchen.times", { count: line.attempts.length }),
              line.checked && t("gate.checked"),
            ]
              .filter(Boolean)
              .join(" · ")}
          </span>
        )}
      </span>
    </button>
  );
}
