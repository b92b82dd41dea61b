import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type Body, useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import CupQuestion from "../set-up/CupQuestion";
import SchoolQuestions from "../set-up/SchoolQuestions";
import type { School } from "./useSchool";

const YEARS = ["0", "1", "2", "3", ""];

/** What holds for the whole school; kept as soon as it is chosen. */
export default function SchoolSettings({ school }: { school: School }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const keeping = useSend("put", "/api/school", {
    onSuccess: () => refresh.of("/api/school", "/api/school/ends", "/api/school/log", "/api/session"),
  });
  const { kitchens: _, ...settings } = school;
  const [draft, setDraft] = useState(settings as Body<"put", "/api/school">);
  const keep = (part: Partial<typeof draft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    keeping.send({ body: next });
  };
  return (
    <section className="grid gap-4">
      <h2 className="h2rim">{t("school.settings")}</h2>
      <Field
        label={t("setUpSchool.school")}
        value={draft.name}
        maxLength={120}
        problem={keeping.at("name")}
        onChange={(event) => setDraft({ ...draft, name: event.target.value })}
        onBlur={() => draft.name !== school.name && keep({})}
      />
      <SchoolQuestions draft={draft} change={keep} at={keeping.at} />
      <CupQuestion standard={draft.standard} change={keep} problem={keeping.at("standard")} />
      <Field
        label={t("school.yearEnds")}
        hint={t("school.yearEndsHint")}
        value={draft.year_ends ?? ""}
        maxLength={5}
        problem={keeping.at("year_ends")}
        onChange={(event) => setDraft({ ...draft, year_ends: event.target.value })}
        onBlur={() => draft.year_ends !== school.year_ends && keep({})}
      />
      <label className="field">
        <span>{t("school.keptYears")}</span>
        <select
          value={draft.kept_years ?? ""}
          onChange={(event) => keep({ kept_years: event.target.value === "" ? null : Number(event.target.value) })}
        >
          {YEARS.map((years) => (
            <option key={years} value={years}>
              {years === "" ? t("school.keptForever") : t("school.keptFor", { count: Number(years) })}
            </option>
          ))}
        </select>
      </label>
      <label className="check-row">
        <input type="checkbox" checked={draft.photos} onChange={(event) => keep({ photos: event.target.checked })} />
        <span>
          {t("school.photos")} <small className="soft">{t("school.photosHint")}</small>
        </span>
      </label>
      <FieldProblem>{keeping.problem?.ofAll}</FieldProblem>
    </section>
  );
}
