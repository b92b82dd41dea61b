import { useTranslation } from "react-i18next";
import type { Part } from "./period";

/** Does it fit, what is scarce, what one more of it would save. */
export default function PeriodFacts({ plan }: { plan: Part }) {
  const { t } = useTranslation();
  return (
    <p className="period-facts">
      <b className={plan.fits ? "" : "is-too-long"}>
        {plan.fits
          ? t("period.fits", { count: plan.spare_minutes })
          : t("period.tooLong", { count: -plan.spare_minutes })}
      </b>{" "}
      {plan.bottleneck && t("period.scarce", { name: plan.bottleneck })} {plan.saves.map((one) => one.said).join(" ")}
    </p>
  );
}
