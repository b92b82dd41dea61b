import { useTranslation } from "react-i18next";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import type { Bells } from "./useSchool";

type Props = { draft: Bells; change: (part: Partial<Bells>) => void; at: (field: string) => string | undefined };

const DAYS = [1, 2, 3, 4, 5, 6, 7];
/** The weekday takes the next list in turn: A days and B days. */
const IN_TURN = "*";
/** A Monday, to name the days by. */
const MONDAY = Date.UTC(2026, 0, 5);

/** Which bells each weekday has; where days take turns, whose turn comes after whose, and from when. */
export default function WeekBells({ draft, change, at }: Props) {
  const { t, i18n } = useTranslation();
  const named = new Intl.DateTimeFormat(i18n.language, { weekday: "long", timeZone: "UTC" });
  const names = draft.schedules.map((one) => one.name).filter(Boolean);
  const put = (day: number, name: string) =>
    change({ week: [...draft.week.filter((one) => one.day !== day), ...(name === "" ? [] : [{ day, name }])] });
  const turn = (i: number, name: string) =>
    change({ turns: [...draft.turns.slice(0, i), name, ...draft.turns.slice(i + 1)].filter(Boolean) });
  return (
    <>
      <fieldset className="week-bells">
        <legend className="side-h">{t("calendar.week")}</legend>
        {DAYS.map((day) => (
          <label key={day} className="field">
            <span>{named.format(MONDAY + (day - 1) * 86_400_000)}</span>
            <select
              value={draft.week.find((one) => one.day === day)?.name ?? ""}
              onChange={(event) => put(day, event.target.value)}
            >
              <option value="">{t("term.noSchool")}</option>
              {names.map((name) => (
                <option key={name} value={name}>
                  {name}
                </option>
              ))}
              <option value={IN_TURN}>{t("calendar.inTurn")}</option>
            </select>
            <FieldProblem>{at(`week.${day}`)}</FieldProblem>
          </label>
        ))}
      </fieldset>
      {draft.week.some((one) => one.name === IN_TURN) && (
        <fieldset className="week-bells">
          <legend className="side-h">{t("calendar.turns")}</legend>
          {[...draft.turns, ""].map((name, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a place in the turn
            <label key={i} className="field">
              <span>{t("calendar.turn", { number: i + 1 })}</span>
              <select value={name} onChange={(event) => turn(i, event.target.value)}>
                <option value="" />
                {names.map((one) => (
                  <option key={one} value={one}>
                    {one}
                  </option>
                ))}
              </select>
            </label>
          ))}
          <Field
            label={t("calendar.turnsFrom")}
            type="date"
            value={draft.turns_from ?? ""}
            problem={at("turns_from")}
            onChange={(event) => change({ turns_from: event.target.value || null })}
          />
          <FieldProblem>{at("turns")}</FieldProblem>
        </fieldset>
      )}
    </>
  );
}
