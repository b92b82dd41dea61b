import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import type { SchoolAnswers } from "./SchoolQuestions";

type Props = {
  standard: SchoolAnswers["standard"];
  change: (part: Pick<SchoolAnswers, "standard">) => void;
  problem: string | undefined;
};

/** Whose cup new classes measure by. */
export default function CupQuestion({ standard, change, problem }: Props) {
  const { t } = useTranslation();
  return (
    <label className="field">
      <span>{t("setUpSchool.cup")}</span>
      <select
        value={standard}
        onChange={(event) => change({ standard: event.target.value as SchoolAnswers["standard"] })}
      >
        {(["us_customary", "us_label_240", "metric_250", "au"] as const).map((one) => (
          <option key={one} value={one}>
            {t(`setUpSchool.cup-${one}`)}
          </option>
        ))}
      </select>
      <FieldProblem>{problem}</FieldProblem>
    </label>
  );
}
