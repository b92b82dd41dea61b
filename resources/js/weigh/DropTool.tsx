import { useState } from "react";
import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import type { Line } from "./kitchen";

/** Tells which tool fell down; asks only where there are several. */
export default function DropTool({ fills, drop }: { fills: Line["fills"]; drop: (tool: string) => void }) {
  const { t } = useTranslation();
  const [isAsking, ask] = useState(false);
  const [only] = fills;
  if (!only) return null;
  if (!isAsking) {
    return (
      <button type="button" className="quiet" onClick={() => (fills.length > 1 ? ask(true) : drop(only.tool))}>
        {t("shelf.drop")}
      </button>
    );
  }
  return (
    <fieldset className="which-fell">
      <legend>{t("shelf.which")}</legend>
      {fills.map((fill) => (
        <button key={fill.tool} type="button" className="btn btn-outline" onClick={() => drop(fill.tool)}>
          <KitchenFraction>{fill.called}</KitchenFraction>
        </button>
      ))}
    </fieldset>
  );
}
