import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { $api, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import ReviewTabs from "../review/ReviewTabs";

/** By which rubric a lab is marked: a tap, and the marks are there. */
export default function PickRubric({ page, onPicked }: { page: Schemas["MarksPage"]; onPicked?: () => void }) {
  const { t } = useTranslation();
  const known = useQueryClient();
  const [exam, setExam] = useState(page.exam);
  const rubrics = $api.useQuery("get", "/api/rubrics");
  const give = useSend("put", "/api/labs/{lab}/rubric", {
    onSuccess: async () => {
      await known.invalidateQueries({ queryKey: ["get", "/api/labs/{lab}/marks"] });
      onPicked?.();
    },
  });
  return (
    <main className="review">
      <ReviewTabs />
      <h1>{t("marks.of", { lab: page.lab })}</h1>
      <p>{t("marks.pick")}</p>
      {!page.over && (
        <label className="check-row">
          <input type="checkbox" checked={exam} onChange={(event) => setExam(event.target.checked)} />
          <span>
            {t("marks.exam")} <small className="soft">{t("marks.examHint")}</small>
          </span>
        </label>
      )}
      <FieldProblem>{give.says}</FieldProblem>
      <ul className="rubric-list">
        {rubrics.data?.rubrics.map((one) => (
          <li key={one.id ?? one.template}>
            <div>
              <b>{one.name}</b>
              <span className="soft">{one.parts.map((part) => `${part.said} ${part.weight}`).join(" · ")}</span>
            </div>
            <button
              type="button"
              className="btn btn-outline"
              disabled={give.isPending}
              onClick={() =>
                give.send({
                  params: { path: { lab: page.lab_id } },
                  body: { rubric_id: one.id, template: one.template as "quick" | null, exam },
                })
              }
            >
              {t("marks.use")}
            </button>
          </li>
        ))}
      </ul>
      <p>
        <Link className="quiet" to="/review/rubrics">
          {t("marks.edit")}
        </Link>
      </p>
    </main>
  );
}
