import { useTranslation } from "react-i18next";
import { useKept } from "../outbox/outbox";
import IngredientRow from "./IngredientRow";
import { type Line, latest, toDo, useKitchen } from "./kitchen";

type Props = { next: Line | undefined; measure: (line: Line) => void };

/** What is still to measure, as the period plan has it here; what stands set aside, in the recipe's order; what waits for a second period. */
export default function Ingredients({ next, measure }: Props) {
  const { t } = useTranslation();
  const kitchen = useKitchen();
  const kept = useKept();
  const open = toDo(kitchen, kept);
  const later = kitchen.lines.filter((line) => line.later);
  const weighed = kitchen.lines.filter((line) => !open.includes(line) && !line.later);
  // What misses stands nowhere yet: it is measured again, or the teacher accepts it.
  const missed = weighed.filter((line) => !line.checked && ["heaped", "shy"].includes(latest(line)?.verdict ?? ""));
  const aside = weighed.filter((line) => !missed.includes(line));
  return (
    <>
      {open.length > 0 && (
        <>
          <h2 className="h2rim">{t("kitchen.what")}</h2>
          <ul>
            {open.map((line) => (
              <li key={line.id}>
                <IngredientRow line={line} isNext={line === next} measure={measure} />
              </li>
            ))}
          </ul>
        </>
      )}
      {missed.length > 0 && (
        <>
          <h2 className="h2rim">{t("kitchen.missed")}</h2>
          <ul>
            {missed.map((line) => (
              <li key={line.id}>
                <IngredientRow line={line} isNext={false} measure={measure} />
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
                <IngredientRow line={line} isNext={false} measure={measure} />
              </li>
            ))}
          </ol>
        </>
      )}
      {later.length > 0 && (
        <>
          <h2 className="h2rim">{t("kitchen.nextTime")}</h2>
          <ul>
            {later.map((line) => (
              <li key={line.id}>
                <IngredientRow line={line} isNext={false} measure={measure} />
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
