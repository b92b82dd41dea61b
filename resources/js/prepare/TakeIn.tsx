import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import FilePick from "../kit/FilePick";
import ClassPick from "../shell/ClassPick";
import { useClassHere } from "../shell/useClassHere";

/** A lab somebody shared, for a class and a day; it is prepared, not open. */
export default function TakeIn() {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const { sections, section: here } = useClassHere();
  const [chosen, choose] = useState<number>();
  const [chosenDay, chooseDay] = useState<string>();
  const section = sections.find((one) => one.id === chosen) ?? here;
  const day = chosenDay ?? section?.next_day ?? "";
  const taking = useSend("post", "/api/labs", {
    onSuccess: ({ id }) => {
      refresh.all();
      go(`/labs/${id}/prepare`);
    },
  });
  return (
    <section>
      <h2 className="h2rim">{t("prepare.takeIn")}</h2>
      <div className="grid gap-3 pt-3">
        <ClassPick value={section?.id} choose={choose} />
        <Field
          label={t("recipe.day")}
          type="date"
          value={day}
          problem={taking.at("planned_for")}
          onChange={(event) => chooseDay(event.target.value)}
        />
        <FilePick
          label={t("prepare.takeInFile")}
          accept=".json,application/json"
          take={(text) => taking.send({ body: { section: section?.id ?? 0, planned_for: day, text } })}
        />
      </div>
      <FieldProblem>{taking.at("planned_for") ? undefined : taking.says}</FieldProblem>
    </section>
  );
}
