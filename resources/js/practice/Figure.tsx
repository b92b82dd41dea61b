import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import ToolRow from "../kit/ToolRow";
import SimulatedCup from "../simulator/SimulatedCup";
import SimulatedJug from "../simulator/SimulatedJug";
import JugToRead from "./JugToRead";
import type { Question } from "./practice";
import Rings from "./Rings";

/** What a question is about, drawn. */
export default function Figure({ question }: { question: Question }) {
  const { t } = useTranslation();
  const { figure } = question;
  if (figure.steps) {
    return (
      <ol className="p-steps">
        {figure.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    );
  }
  if (figure.marks) return <JugToRead figure={figure} inWords={question.picture} />;
  if (figure.rings) return <Rings rings={figure.rings} />;
  if (figure.hands) {
    const isJug = figure.tool?.kind === "liquid-measure";
    const fill: Schemas["DrawnFill"] = {
      kind: isJug ? "liquid-measure" : "dry-cup",
      ml: 236.6,
      count: 1,
      nominal: "1 cup",
      to_mark: isJug ? "3/4 cup" : null,
      mark_ml: isJug ? 177.4 : null,
      tool: "",
      called: "",
      in_set: false,
    };
    return (
      <svg
        className="p-figure"
        viewBox="0 0 400 262"
        fill="none"
        role="img"
        aria-label={question.picture ?? t("practice.picture")}
      >
        {isJug ? (
          <SimulatedJug fill={fill} hands={figure.hands} shown={{ contents_ml: 177.4, brim_ml: 272 }} />
        ) : (
          <SimulatedCup fill={fill} hands={figure.hands} />
        )}
      </svg>
    );
  }
  if (figure.tool) {
    return (
      <div className="p-figure">
        <ToolRow k={17} label={question.picture ?? t("practice.picture")} fills={[{ ...figure.tool, count: 1 }]} />
      </div>
    );
  }
  return null;
}
