import { useTranslation } from "react-i18next";
import { useLargePrint } from "../kit/useLargePrint";
import { useKitchen } from "./kitchen";

/** Larger letters, for whoever likes them. */
export default function LargePrint() {
  const { t } = useTranslation();
  const kitchen = useKitchen();
  const [isLarge, choose] = useLargePrint(kitchen.kind === "student" && kitchen.ways.includes("large-print"));
  return (
    <button type="button" className="quiet" aria-pressed={isLarge} onClick={() => choose(!isLarge)}>
      {t("way.large-print")}
    </button>
  );
}
