import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";
import SendButton from "../kit/SendButton";

type Page = Schemas["MyExperiment"];

/** Their own difference, worked out by themselves before they see the class's. */
export default function OwnDifference({ page, student }: { page: Page; student: number }) {
  const { t, i18n } = useTranslation();
  const [grams, type] = useState("");
  const asking = useSend("post", "/api/experiment/difference");
  const ask = (event: FormEvent) => {
    event.preventDefault();
    if (grams.trim() !== "") asking.send({ body: { student_id: student, grams: grams.trim() } });
  };
  return (
    <form onSubmit={ask} className="try-arm">
      <h2 className="h2rim">{t("experiment.ownDifference")}</h2>
      <ul className="try-own">
        {page.arms.map((one) => (
          <li key={one.arm}>
            <span>{one.name}</span>
            <b className="num">{one.grams === null ? "–" : `${shown(one.grams, 1, i18n.language)} g`}</b>
          </li>
        ))}
      </ul>
      <label className="field">
        <span>{t("experiment.howMuchMore", { more: page.ask_more, less: page.ask_less })}</span>
        <input inputMode="decimal" maxLength={8} value={grams} onChange={(event) => type(event.target.value)} />
      </label>
      <FieldProblem>{asking.says}</FieldProblem>
      {asking.data && !asking.isPending && (
        <p role="status" className={asking.data.right ? "try-right" : "try-again"}>
          {asking.data.said}
        </p>
      )}
      <SendButton className="btn btn-primary" isPending={asking.isPending} disabled={grams.trim() === ""}>
        {t("experiment.checkMine")}
      </SendButton>
    </form>
  );
}
