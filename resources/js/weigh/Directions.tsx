import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import DirectionTags from "../kit/DirectionTags";
import KitchenFraction from "../kit/KitchenFraction";
import { useKitchen } from "./kitchen";
import Timers from "./Timers";

/** Closed until the teacher has looked: then the recipe's own directions, timers to bake and cool by, and pieces of one weight. */
export default function Directions() {
  const { t } = useTranslation();
  const { gate } = useKitchen();
  if (!gate) return null;
  return (
    <section className="directions">
      <h2 className="h2rim">{t("gate.directions")}</h2>
      {gate.directions === null ? (
        <p className="soft py-3">{t(gate.ready ? "gate.waiting" : "gate.closed")}</p>
      ) : (
        <>
          <ol>
            {gate.directions.map((step) => (
              <li key={step.text} className="running">
                <KitchenFraction>{step.text}</KitchenFraction>
                <DirectionTags step={step} />
              </li>
            ))}
          </ol>
          <Timers />
          <Link className="quiet" to="portions">
            {t("portions.title")}
          </Link>
        </>
      )}
    </section>
  );
}
