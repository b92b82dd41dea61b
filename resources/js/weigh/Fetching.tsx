import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import DropTool from "./DropTool";
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
        <DropTool fills={line.fills} drop={(tool) => happened("dropped", { detail: { tool } })} />
      )}
      {!line.foreign && (
        <button type="button" className="quiet" onClick={() => happened("foreign", { line_id: line.id })}>
          {t("shelf.fellIn")}
        </button>
      )}
      <FieldProblem>{problem}</FieldProblem>
    </div>
  );
}
