import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

/** Who does a step, in gloves or not, the teacher's note, and what to mind: in words, under the step. */
export default function DirectionTags({ step }: { step: Schemas["StepOfDirections"] }) {
  const { t } = useTranslation();
  const who = [step.by !== "student" && t(`by.${step.by}`), step.gloves && t("by.gloves")].filter(Boolean);
  return (
    <>
      {who.length > 0 && <b className="step-who">{who.join(" · ")}</b>}
      {step.note && <span className="step-note">{step.note}</span>}
      {step.cautions.length > 0 && <span className="step-care">{step.cautions.join(" ")}</span>}
    </>
  );
}
