import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import type { ToolToCheck } from "./checks";

type Props = { tool: ToolToCheck; fill: ToolToCheck["fills"][number]; fromZero?: boolean };

/** How a tool is filled with water and tipped out, a step each. */
export default function FillSteps({ tool, fill, fromZero = false }: Props) {
  const { t } = useTranslation();
  return (
    <ol className="w-how">
      {fromZero && <li>{t("water.zero")}</li>}
      <li>
        <KitchenFraction>
          {t(fill.to === "rim" ? "water.toRim" : "water.toLine", { mark: fill.mark ?? tool.name })}
        </KitchenFraction>
      </li>
      <li>{t(fill.to === "rim" ? "water.strike" : "water.eye")}</li>
      <li>{fill.together > 1 ? t("water.tipMany", { count: fill.together }) : t("water.tip")}</li>
    </ol>
  );
}
