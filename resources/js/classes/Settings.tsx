import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type Body, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassRefresh } from "./class";
import Tolerances from "./Tolerances";

type Kept = Body<"put", "/api/sections/{section}">;
type Method = Kept["methods"][number];
type Yes = "shows_target" | "asks_guess" | "asks_prediction" | "open_to_join";

const STANDARDS: Kept["standard"][] = ["us_customary", "us_label_240", "metric_250", "au"];
const LEVELS: Kept["tolerance_level"][] = ["getting-started", "practised", "exacting"];
const YES: [Yes, string][] = [
  ["shows_target", "class.showsTarget"],
  ["asks_guess", "class.asksGuess"],
  ["asks_prediction", "class.asksPrediction"],
  ["open_to_join", "class.openToJoin"],
];

/** Period, cup, tolerance, house methods with what each would change; kept as soon as it is chosen. */
export default function Settings({ one }: { one: Class }) {
  const { t } = useTranslation();
  const keeping = useSend("put", "/api/sections/{section}", useClassRefresh());
  const [draft, setDraft] = useState<Kept>({
    ...one.settings,
    standard: one.settings.standard as Kept["standard"],
    methods: one.settings.methods as Method[],
  });
  const keep = (part: Partial<Kept>) => {
    const settings = { ...draft, ...part };
    setDraft(settings);
    keeping.send({ params: { path: { section: one.id } }, body: settings });
  };
  const choose = (family: string, method: Method) => {
    const own: string[] = one.schools.find((school) => school.family === family)?.methods.map((each) => each.id) ?? [];
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
          problem={keeping.at("name")}
          onChange={(event) => setDraft({ ...draft, name: event.target.value })}
          onBlur={() => draft.name !== one.settings.name && keep({})}
        />
        {one.periods.length > 0 && (
          <label className="field">
            <span>{t("class.period")}</span>
            <select
              value={draft.period ?? ""}
              onChange={(event) => keep({ period: event.target.value === "" ? null : event.target.value })}
            >
              <option value="">{t("class.ownHours")}</option>
              {one.periods.map((period) => (
                <option key={period} value={period}>
                  {period}
                </option>
              ))}
            </select>
          </label>
        )}
        <Field
          label={t("class.from")}
          type="time"
          value={draft.starts_at}
          problem={keeping.at("starts_at")}
          onChange={(event) => keep({ starts_at: event.target.value })}
        />
        <Field
          label={t("class.to")}
          type="time"
          value={draft.ends_at}
          problem={keeping.at("ends_at")}
          onChange={(event) => keep({ ends_at: event.target.value })}
        />
        <label className="field">
          <span>{t("class.standard")}</span>
          <select
            value={draft.standard}
            onChange={(event) => keep({ standard: event.target.value as Kept["standard"] })}
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
            onChange={(event) => keep({ tolerance_level: event.target.value as Kept["tolerance_level"] })}
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
            {question.note !== null && <small className="soft mt-1 block text-[1rem]">{question.note}</small>}
          </label>
        ))}
      </div>
      <Tolerances one={one} own={one.settings.tolerances} keep={(tolerances) => keep({ tolerances })} />
      {YES.map(([what, words]) => (
        <label key={what} className="opt">
          <input
            type="checkbox"
            checked={draft[what] ?? false}
            onChange={(event) => keep({ [what]: event.target.checked })}
          />
          <span>{t(words)}</span>
        </label>
      ))}
      {keeping.problem && Object.keys(keeping.problem.fields).length === 0 && (
        <FieldProblem>{keeping.says}</FieldProblem>
      )}
    </section>
  );
}
