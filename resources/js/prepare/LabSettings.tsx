import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type Body, useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import ClassPick from "../shell/ClassPick";
import { type Sheet, useSheetRefresh } from "./lab";

/** Name, class, day and hours of a lab, and how much is bought for measuring again: in one place, kept as soon as it is chosen. */
export default function LabSettings({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const isPrepared = sheet.state === "prepared";
  const [draft, setDraft] = useState<Body<"put", "/api/labs/{lab}">>({
    title: sheet.title,
    section: sheet.section_id,
    planned_for: sheet.planned_for,
    retry_pct: sheet.retry_pct,
  });
  const of = { params: { path: { lab: sheet.id } } };
  const changed = {
    onSuccess: () => refresh.of("/api/labs/{lab}/sheet", "/api/labs/{lab}/period", "/api/today", "/api/term"),
  };
  const keeping = useSend("put", "/api/labs/{lab}", changed);
  const ringing = useSend("put", "/api/labs/{lab}/hours", changed);
  const asUsual = useSend("delete", "/api/labs/{lab}/hours", useSheetRefresh());
  const keep = (part: Partial<typeof draft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    keeping.send({ ...of, body: next });
  };
  const ring = (from: string, to: string) => ringing.send({ ...of, body: { starts_at: from, ends_at: to } });
  return (
    <section className="grid gap-3">
      <h2 className="h2rim">{t("lab.settings")}</h2>
      {isPrepared && (
        <>
          <Field
            label={t("lab.name")}
            value={draft.title}
            maxLength={80}
            problem={keeping.at("title")}
            onChange={(event) => setDraft({ ...draft, title: event.target.value })}
            onBlur={() => draft.title !== sheet.title && keep({})}
          />
          <ClassPick value={draft.section} choose={(section) => keep({ section })} />
          <Field
            label={t("recipe.day")}
            type="date"
            value={draft.planned_for}
            problem={keeping.at("planned_for")}
            onChange={(event) => event.target.value !== "" && keep({ planned_for: event.target.value })}
          />
          {!sheet.meets && <p className="note">{t("lab.notThatDay", { section: sheet.section })}</p>}
        </>
      )}
      <div className="grid grid-cols-2 gap-3" key={`${sheet.starts_at} ${sheet.ends_at}`}>
        <Field
          label={t("class.from")}
          type="time"
          defaultValue={sheet.starts_at}
          problem={ringing.at("starts_at")}
          onBlur={(event) => event.target.value !== sheet.starts_at && ring(event.target.value, sheet.ends_at)}
        />
        <Field
          label={t("class.to")}
          type="time"
          defaultValue={sheet.ends_at}
          problem={ringing.at("ends_at")}
          onBlur={(event) => event.target.value !== sheet.ends_at && ring(sheet.starts_at, event.target.value)}
        />
      </div>
      {sheet.own_hours && (
        <p className="flex items-center justify-between gap-3">
          <span className="soft">{t("lab.ownHours")}</span>
          <button type="button" className="quiet underline" onClick={() => asUsual.send(of)}>
            {t("lab.usualHours")}
          </button>
        </p>
      )}
      <Field
        label={t("lab.retry")}
        inputMode="numeric"
        value={String(draft.retry_pct)}
        disabled={!isPrepared}
        problem={keeping.at("retry_pct")}
        onChange={(event) => setDraft({ ...draft, retry_pct: Number(event.target.value) || 0 })}
        onBlur={() => draft.retry_pct !== sheet.retry_pct && keep({})}
      />
      <FieldProblem>{keeping.problem?.ofAll ?? ringing.problem?.ofAll ?? asUsual.says}</FieldProblem>
    </section>
  );
}
