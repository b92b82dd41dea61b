import { useState } from "react";
import { useTranslation } from "react-i18next";
import { ulid } from "ulid";
import type { Schemas } from "../api/client";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";

type Page = Schemas["ExperimentPage"];

/** Who does what in which order, and what they weighed; typed here where the room works on paper. */
export default function ExperimentTable({ page }: { page: Page }) {
  const { t, i18n } = useTranslation();
  const refresh = useRefresh();
  const [typed, type] = useState<Record<string, string>>({});
  const keeping = useSend("put", "/api/experiments/{experiment}/weighings/{weighing}", {
    onSuccess: () => refresh.of("/api/experiments/{experiment}"),
  });
  const keep = (student: number, arm: string) => {
    const key = `${student} ${arm}`;
    const grams = typed[key]?.trim();
    if (!grams) return;
    keeping.send(
      {
        params: { path: { experiment: page.id, weighing: ulid() } },
        body: { student_id: student, arm, grams, scale_id: null },
      },
      () => type(({ [key]: _, ...rest }) => rest),
    );
  };
  return (
    <>
      <div className="experiment-table">
        <table className="plan-t">
          <thead>
            <tr>
              <th scope="col">{t("experiment.who")}</th>
              {page.arms.map((one) => (
                <th key={one.id} scope="col">
                  {one.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {page.students
              .filter((one) => one.order.length > 0 || one.grams.length > 0)
              .map((one) => (
                <tr key={one.id}>
                  <th scope="row" className="text-left">
                    {one.name} <span className="soft">{one.station}</span>
                  </th>
                  {page.arms.map((arm) => {
                    const of = one.grams.find((grams) => grams.arm === arm.id);
                    const nth = one.order.indexOf(arm.id);
                    const key = `${one.id} ${arm.id}`;
                    if (nth < 0 && !of) return <td key={arm.id} />;
                    return (
                      <td key={arm.id}>
                        <span className="soft num">{nth >= 0 && page.by_all ? `${nth + 1}. ` : ""}</span>
                        <input
                          className="place"
                          inputMode="decimal"
                          maxLength={8}
                          aria-label={t("experiment.gramsOf", { name: one.name, arm: arm.name })}
                          placeholder={of ? shown(of.grams, 1, i18n.language) : ""}
                          value={typed[key] ?? ""}
                          onChange={(event) => type({ ...typed, [key]: event.target.value })}
                          onBlur={() => keep(one.id, arm.id)}
                          onKeyDown={(event) => event.key === "Enter" && keep(one.id, arm.id)}
                        />
                      </td>
                    );
                  })}
                </tr>
              ))}
          </tbody>
        </table>
      </div>
      <FieldProblem>{keeping.says}</FieldProblem>
    </>
  );
}
