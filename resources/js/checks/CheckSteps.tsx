import { useTranslation } from "react-i18next";
import type { Draft } from "./checks";

const STEPS = ["fill", "weigh", "temperature", "result"] as const;

/** How far a water check has come: four small vessels hung from the header's rim. */
export default function CheckSteps({ at }: { at: Draft["step"] }) {
  const { t } = useTranslation();
  const now = STEPS.findIndex((one) => one === at);
  return (
    <ol className="w-steps" aria-label={t("water.steps")}>
      {STEPS.map((step, i) => (
        <li
          key={step}
          aria-label={t(`water.step.${step}`)}
          aria-current={i === now ? "step" : undefined}
          className={i < now ? "is-done" : i === now ? "is-now" : ""}
        >
          <span aria-hidden="true">{t(`water.step.${step}`)}</span>
        </li>
      ))}
    </ol>
  );
}
