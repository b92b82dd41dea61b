import { useState } from "react";
import { useTranslation } from "react-i18next";
import DirectionTags from "../kit/DirectionTags";
import DirectionForm from "./DirectionForm";
import type { Sheet } from "./recipe";

/** The directions as steps: what each uses and who does it, as its words propose or as the teacher settled it. */
export default function DirectionSteps({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const [open, setOpen] = useState<number>();
  return (
    <section className="pt-8">
      <h2 className="h2rim">{t("recipe.directions")}</h2>
      <ol className="recipe-steps">
        {sheet.directions.map((step, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a step is its place in the directions
          <li key={i}>
            {step.text}
            <DirectionTags step={step} />
            {step.uses.length > 0 && (
              <span className="soft block">{t("recipe.stepUses", { foods: step.uses.join(", ") })}</span>
            )}
            {open === i ? (
              <DirectionForm sheet={sheet} step={step} number={i + 1} close={() => setOpen(undefined)} />
            ) : (
              <button
                type="button"
                className="quiet"
                aria-label={t("recipe.stepChangeThis", { number: i + 1 })}
                onClick={() => setOpen(i)}
              >
                {t("recipe.stepChange")}
              </button>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
