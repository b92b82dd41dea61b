import { useState } from "react";
import { useTranslation } from "react-i18next";
import client, { asProblem } from "../api/client";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassChange } from "./ClassScreen";

const STANDARDS = ["us_customary", "us_label_240", "metric_250", "au"] as const;
const LEVELS = ["getting-started", "practised", "exacting"] as const;

/** Period, cup, tolerance, house methods with what each would change; kept as soon as it is chosen. */
export default function Settings({ one }: { one: Class }) {
  const { t } = useTranslation();
  const change = useClassChange(one.id);
  const [draft, setDraft] = useState(one.settings);
  const problem = change.isError ? asProblem(change.error) : undefined;
  const keep = (part: Partial<typeof draft>) => {
    const settings = { ...draft, ...part };
    setDraft(settings);
    change.mutate(() =>
      client.PUT("/api/sections/{section}", { params: { path: { section: one.id } }, body: settings }),
    );
  };
  const choose = (family: string, method: string) => {
    const own = one.schools.find((school) => school.family === family)?.methods.map((each) => each.id) ?? [];
    keep({ methods: [...draft.methods.filter((id) => !own.includes(id)), method] });
  };
  return (
    <section>
      <h2 className="h2rim">{t("class.settings")}</h2>
      <div className="settings">
        <Field
          label={t("class.name")}
          value={draft.name}
          maxLength={80}
          problem={problem?.fields.name?.[0]}
          onChange={(event) => setDraft({ ...draft, name: event.target.value })}
          onBlur={() => draft.name !== one.settings.name && keep({})}
        />
        <Field
          label={t("class.from")}
          type="time"
          value={draft.starts_at}
          problem={problem?.fields.starts_at?.[0]}
          onChange={(event) => keep({ starts_at: event.target.value })}
        />
        <Field
          label={t("class.to")}
          type="time"
          value={draft.ends_at}
          problem={problem?.fields.ends_at?.[0]}
          onChange={(event) => keep({ ends_at: event.target.value })}
        />
        <label className="field">
          <span>{t("class.standard")}</span>
          <select
            value={draft.standard}
            onChange={(event) => keep({ standard: event.target.value as (typeof STANDARDS)[number] })}
          >
            {STANDARDS.map((each) => (
              <option key={each} value={each}>
                {t(`standard.${each}`)}
              </option>
            ))}
          </select>
        </label>
        <label className="field">
          <span>{t("class.level")}</span>
          <select
            value={draft.tolerance_level}
            onChange={(event) => keep({ tolerance_level: event.target.value as (typeof LEVELS)[number] })}
          >
            {LEVELS.map((each) => (
              <option key={each} value={each}>
                {t(`level.${each}`)}
              </option>
            ))}
          </select>
        </label>
      </div>
      {one.schools.map((school) => (
        <fieldset key={school.family} className="school">
          <legend>{t(`family.${school.family}`)}</legend>
          {school.methods.map((method) => (
            <label key={method.id} className="opt">
              <input
                type="radio"
                name={school.family}
                checked={method.chosen}
                onChange={() => choose(school.family, method.id)}
              />
              <span>
                <b>{method.name}</b>
                <span className="soft block">{method.effect}</span>
              </span>
            </label>
          ))}
        </fieldset>
      ))}
      <div className="settings">
        {one.questions.map((question) => (
          <label key={question.id} className="field">
            <span>{question.text}</span>
            <select
              value={question.answers.find((answer) => answer.chosen)?.id}
              onChange={(event) => keep({ schools: { ...draft.schools, [question.id]: event.target.value } })}
            >
              {question.answers.map((answer) => (
                <option key={answer.id} value={answer.id}>
                  {answer.text}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
      <label className="opt">
        <input
          type="checkbox"
          checked={draft.shows_target}
          onChange={(event) => keep({ shows_target: event.target.checked })}
        />
        <span>{t("class.showsTarget")}</span>
      </label>
      <label className="opt">
        <input
          type="checkbox"
          checked={draft.asks_guess}
          onChange={(event) => keep({ asks_guess: event.target.checked })}
        />
        <span>{t("class.asksGuess")}</span>
      </label>
      <label className="opt">
        <input
          type="checkbox"
          checked={draft.asks_prediction}
          onChange={(event) => keep({ asks_prediction: event.target.checked })}
        />
        <span>{t("class.asksPrediction")}</span>
      </label>
      <label className="opt">
        <input
          type="checkbox"
          checked={draft.open_to_join}
          onChange={(event) => keep({ open_to_join: event.target.checked })}
        />
        <span>{t("class.openToJoin")}</span>
      </label>
      {problem && Object.keys(problem.fields).length === 0 && <FieldProblem>{problem.message}</FieldProblem>}
    </section>
  );
}
