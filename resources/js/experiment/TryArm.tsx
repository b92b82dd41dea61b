import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { ulid } from "ulid";
import type { Schemas } from "../api/client";
import type { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import NamesToTap from "../kit/NamesToTap";
import { shown } from "../kit/numbers";
import SendButton from "../kit/SendButton";

type Page = Schemas["MyExperiment"];
type Props = {
  arm: Page["arms"][number];
  page: Page;
  student: number;
  keeping: ReturnType<typeof useSend<"put", "/api/experiment/weighings/{weighing}">>;
};

/** One thing to try: how, and what it weighs. No target stands anywhere. */
export default function TryArm({ arm, page, student, keeping }: Props) {
  const { t, i18n } = useTranslation();
  const [id] = useState(ulid); // sent twice it is stored once
  const [grams, type] = useState("");
  const [scale, choose] = useState(page.scales[0]?.id);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    if (grams.trim() === "") return;
    keeping.send({
      params: { path: { weighing: id } },
      body: { student_id: student, arm: arm.arm, grams: grams.trim(), scale_id: scale ?? null },
    });
  };
  return (
    <form onSubmit={keep} className="try-arm">
      <h2 className="h2rim">{t("experiment.now", { name: arm.name })}</h2>
      <p>{t("experiment.how", { tool: arm.tool, food: arm.food, how: arm.how })}</p>
      <NamesToTap
        names={page.scales.map(({ id: one, name, step, decimals }) => ({
          id: one,
          name,
          under: t("weigh.step", { step: shown(step, decimals, i18n.language) }),
        }))}
        chosen={scale}
        onChoose={choose}
      />
      <label className="field">
        <span>{t("experiment.grams")}</span>
        <input inputMode="decimal" maxLength={8} value={grams} onChange={(event) => type(event.target.value)} />
      </label>
      <FieldProblem>{keeping.says}</FieldProblem>
      <SendButton className="btn btn-primary" isPending={keeping.isPending} disabled={grams.trim() === ""}>
        {t("experiment.keep")}
      </SendButton>
    </form>
  );
}
