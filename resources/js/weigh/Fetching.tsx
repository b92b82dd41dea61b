import { useState } from "react";
import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import type { Line } from "./kitchen";
import { useHappened } from "./useHappened";

/** What is shared is taken and brought back; what fell on the floor is out until it is washed. */
export default function Fetching({ line }: { line: Line }) {
  const { t } = useTranslation();
  const { happened, problem } = useHappened();
  return (
    <div className="fetching">
      {line.shelf !== null && (
        <p className={line.shelf === "out" ? "is-out" : ""}>
          {t(`shelf.${line.shelf}`, { name: line.name })}
          {line.shelf !== "out" && (
            <button
              type="button"
              className="btn btn-outline"
              onClick={() => happened(line.shelf === "ours" ? "returned" : "taken", { line_id: line.id })}
            >
              {t(line.shelf === "ours" ? "shelf.bring" : "shelf.take")}
            </button>
          )}
        </p>
      )}
      {line.fallen.map((fill) => (
        <p key={fill.tool} className="is-out">
          <KitchenFraction>
            {t(line.fills.some((now) => now.tool === fill.tool) ? "shelf.dropped" : "shelf.instead", {
              tool: fill.called,
            })}
          </KitchenFraction>
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => happened("washed", { detail: { tool: fill.tool } })}
          >
            {t("shelf.washed")}
          </button>
        </p>
      ))}
      {line.fallen.length === 0 && (
        <Drop fills={line.fills} drop={(tool) => happened("dropped", { detail: { tool } })} />
      )}
      <FieldProblem>{problem}</FieldProblem>
    </div>
  );
}

/** Tells which tool fell down; asks only where there are several. */
function Drop({ fills, drop }: { fills: Line["fills"]; drop: (tool: string) => void }) {
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
