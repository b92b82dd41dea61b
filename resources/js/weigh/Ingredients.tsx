import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import VerdictGlyph from "../kit/VerdictGlyph";
import { useKept } from "../outbox/outbox";
import { inPlannedOrder, isOpen, keptOf, type Line, latest, useKitchen } from "./kitchen";

type Props = { next: Line | undefined; measure: (line: Line) => void };

/** What is still to measure, as the period plan has it here; and what stands set aside, in the order in which the recipe uses it. */
export default function Ingredients({ next, measure }: Props) {
  const { t } = useTranslation();
  const kitchen = useKitchen();
  const kept = useKept();
  const open = inPlannedOrder(kitchen).filter((line) => isOpen(line, kept));
  const aside = kitchen.lines.filter((line) => !isOpen(line, kept));
  return (
    <>
      {open.length > 0 && (
        <>
          <h2 className="h2rim">{t("kitchen.what")}</h2>
          <ul>
            {open.map((line) => (
              <li key={line.id}>
                <Row line={line} isNext={line === next} measure={measure} />
              </li>
            ))}
          </ul>
        </>
      )}
      {aside.length > 0 && (
        <>
          <h2 className="h2rim">{t("kitchen.aside")}</h2>
          <ol className="aside">
            {aside.map((line) => (
              <li key={line.id}>
                <Row line={line} isNext={false} measure={measure} />
              </li>
            ))}
          </ol>
        </>
      )}
    </>
  );
}

function Row({ line, isNext, measure }: { line: Line; isNext: boolean; measure: Props["measure"] }) {
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
      </span>
      <span className="how text-right">
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
