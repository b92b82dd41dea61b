import { type FormEvent, useId } from "react";
import { useTranslation } from "react-i18next";
import { $api, useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { useKeptText } from "../kit/useKeptText";
import SpecialDays from "./SpecialDays";
import type { Bells } from "./useSchool";
import WeekBells from "./WeekBells";

/** The school's bells: lists of them, which rings on which weekday, and days that are otherwise. */
export default function Calendar() {
  const { t } = useTranslation();
  const kept = $api.useQuery("get", "/api/school/calendar");
  return (
    <section>
      <h2 className="h2rim">{t("calendar.title")}</h2>
      {kept.data && <CalendarForm kept={kept.data} />}
    </section>
  );
}

function CalendarForm({ kept }: { kept: Bells }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const hint = useId();
  const [text, setText, drop] = useKeptText("calendar");
  const draft: Bells = text === "" ? kept : JSON.parse(text);
  const change = (part: Partial<Bells>) => setText(JSON.stringify({ ...draft, ...part }));
  const keeping = useSend("put", "/api/school/calendar", {
    onSuccess: () => {
      refresh.of("/api/school/calendar", "/api/today", "/api/term", "/api/sections/{section}").then(drop);
    },
  });
  const send = (event: FormEvent) => {
    event.preventDefault();
    keeping.send({ body: draft });
  };
  const list = (at: number, part: Partial<Bells["schedules"][number]>) =>
    change({ schedules: draft.schedules.map((one, i) => (i === at ? { ...one, ...part } : one)) });
  return (
    <form className="grid gap-4 pt-3" onSubmit={send} noValidate>
      <p id={hint} className="soft">
        {t("calendar.hint")}
      </p>
      {draft.schedules.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a list is what stands there; its name is being typed
        <fieldset key={i} className="bells">
          <legend className="unseen">{t("calendar.list", { number: i + 1 })}</legend>
          <Field
            label={t("calendar.name")}
            value={one.name}
            maxLength={40}
            placeholder={t("calendar.nameLike")}
            problem={keeping.at(`schedules.${i}.name`)}
            onChange={(event) => list(i, { name: event.target.value })}
          />
          <label className="field">
            <span>{t("calendar.periods")}</span>
            <textarea
              rows={5}
              value={one.text}
              placeholder={"1: 8:00-8:47\n2: 8:51-9:38"}
              aria-describedby={hint}
              aria-invalid={keeping.at(`schedules.${i}.text`) !== undefined}
              onChange={(event) => list(i, { text: event.target.value })}
            />
            <FieldProblem>{keeping.at(`schedules.${i}.text`)}</FieldProblem>
          </label>
          <button
            type="button"
            className="quiet justify-self-start underline"
            onClick={() => change({ schedules: draft.schedules.filter((_, at) => at !== i) })}
          >
            {t("calendar.drop", { name: one.name || i + 1 })}
          </button>
        </fieldset>
      ))}
      <button
        type="button"
        className="btn btn-outline min-h-11 justify-self-start"
        onClick={() => change({ schedules: [...draft.schedules, { name: "", text: "" }] })}
      >
        {t("calendar.add")}
      </button>
      {draft.schedules.length > 0 && (
        <>
          <WeekBells draft={draft} change={change} at={keeping.at} />
          <SpecialDays draft={draft} change={change} at={keeping.at} />
        </>
      )}
      <p className="flex items-center gap-3">
        <SendButton className="btn btn-primary min-h-11 px-6" isPending={keeping.isPending}>
          {t("calendar.keep")}
        </SendButton>
        {text !== "" && (
          <button type="button" className="btn btn-outline min-h-11" onClick={drop}>
            {t("recipe.cancel")}
          </button>
        )}
      </p>
      <p role="status">
        {keeping.problem ? (
          <FieldProblem>{keeping.says}</FieldProblem>
        ) : (
          keeping.data && text === "" && t("calendar.kept")
        )}
      </p>
    </form>
  );
}
