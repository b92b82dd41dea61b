import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { shown, signed } from "../kit/numbers";
import VerdictGlyph from "../kit/VerdictGlyph";

type Row = Schemas["MarkRow"];
type Part = Schemas["MarkPart"];
type Props = { lab: number; row: Row; next: string | undefined; onAccept: () => void; onChanged: () => unknown };

const LEVELS = [0, 1, 2, 3, 4] as const;

/** Where each point of one mark came from, and what the teacher says. */
export default function MarkDetail({ lab, row, next, onAccept, onChanged }: Props) {
  const { t } = useTranslation();
  const tell = useSend("put", "/api/labs/{lab}/marks/{student}", { onSuccess: onChanged });
  const reopen = useSend("delete", "/api/labs/{lab}/marks/{student}/accept", { onSuccess: onChanged });
  const path = { lab, student: row.id };
  const overrides = row.parts
    .filter((part) => part.reason !== null)
    .map((part) => ({ id: part.id, points: Number(part.points), reason: String(part.reason) }));
  const say = (change: Partial<Parameters<typeof tell.send>[0]["body"]>) =>
    tell.send({
      params: { path },
      body: {
        attendance: row.attendance as "here",
        days_late: row.days_late,
        levels: row.levels,
        overrides,
        ...change,
      },
    });
  return (
    <section className="mark-detail" aria-label={row.name}>
      <header>
        <h2>{row.name}</h2>
        <span className="soft">{row.station}</span>
        <b className="mark-score num">{row.score ?? "–"}</b>
        <span className="soft">{t("marks.of100")}</span>
      </header>
      {row.would_be !== null && <p className="note">{t("marks.wouldBe", { score: row.would_be })}</p>}
      {!row.accepted && (
        <fieldset className="segments">
          <legend className="sr-only">{t("marks.attendance.title")}</legend>
          {(["here", "absent", "excused"] as const).map((one) => (
            <button
              key={one}
              type="button"
              aria-pressed={row.attendance === one}
              onClick={() => say({ attendance: one })}
            >
              {t(`marks.attendance.${one}`)}
            </button>
          ))}
        </fieldset>
      )}
      {row.parts.map((part) => (
        <section key={part.id} className="mark-part">
          <h3>
            {part.name} <small className="soft">{part.because}</small>
            <b className="num">{part.points ?? "–"}</b>
          </h3>
          {part.lines.length > 0 && (
            <ul>
              {part.lines.map((line) => (
                <li key={line.line_id}>
                  <span>{line.food}</span>
                  {part.kind === "accuracy" ? <Tries tries={line.tries} /> : <Steps line={line} />}
                  <b className="num">{line.score}%</b>
                </li>
              ))}
            </ul>
          )}
          {!row.accepted && part.kind === "handing-in" && (
            <label className="field mark-late">
              <span>{t("marks.daysLate")}</span>
              <select
                value={row.days_late ?? ""}
                onChange={(event) => say({ days_late: event.target.value === "" ? null : Number(event.target.value) })}
              >
                <option value="">{t("marks.notSaid")}</option>
                {[...Array(31).keys()].map((days) => (
                  <option key={days} value={days}>
                    {days === 0 ? t("marks.onTheDay") : t("marks.late", { count: days })}
                  </option>
                ))}
              </select>
            </label>
          )}
          {!row.accepted && part.kind === "teamwork" && (
            <fieldset className="segments">
              <legend className="sr-only">{part.name}</legend>
              {LEVELS.map((level) => (
                <button
                  key={level}
                  type="button"
                  aria-pressed={row.levels.some((one) => one.id === part.id && one.level === level)}
                  onClick={() =>
                    say({ levels: [...row.levels.filter((one) => one.id !== part.id), { id: part.id, level }] })
                  }
                >
                  {t(`marks.level.${level}`)}
                </button>
              ))}
            </fieldset>
          )}
          {!row.accepted && (
            <OtherPoints
              part={part}
              onGive={(points, reason, done) =>
                tell.send(
                  {
                    params: { path },
                    body: {
                      attendance: row.attendance as "here",
                      days_late: row.days_late,
                      levels: row.levels,
                      overrides: [...overrides.filter((one) => one.id !== part.id), { id: part.id, points, reason }],
                    },
                  },
                  done,
                )
              }
              onTakeBack={() => say({ overrides: overrides.filter((one) => one.id !== part.id) })}
            />
          )}
          {part.reason !== null && (
            <p className="note">{t("marks.given", { worked: part.worked_out ?? "–", reason: part.reason })}</p>
          )}
        </section>
      ))}
      <FieldProblem>{tell.says ?? reopen.says}</FieldProblem>
      <footer>
        {row.accepted ? (
          <button type="button" className="btn btn-outline" onClick={() => reopen.send({ params: { path } })}>
            {t("marks.reopen")}
          </button>
        ) : (
          row.attendance === "here" && (
            <button type="button" className="btn btn-primary" disabled={row.score === null} onClick={onAccept}>
              {next
                ? t("marks.acceptOn", { score: row.score ?? "–", name: row.name, next })
                : t("marks.accept", { score: row.score ?? "–", name: row.name })}
            </button>
          )
        )}
      </footer>
    </section>
  );
}

function Steps({ line }: { line: Schemas["MarkLine"] }) {
  const { t } = useTranslation();
  return (
    <span>
      {line.because}
      {line.missed.length > 0 && <small className="soft">{t("marks.missed", { steps: line.missed.join(", ") })}</small>}
      {line.other_way && <small className="soft">{t("results2.otherWay")}</small>}
    </span>
  );
}

function Tries({ tries }: { tries: Schemas["MarkTry"][] }) {
  const { t, i18n } = useTranslation();
  const known = tries[0]?.known_g ?? null;
  return (
    <span className="mark-tries">
      {tries.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: tries keep their order
        <span key={i}>
          <VerdictGlyph verdict={one.verdict} size={24} /> {shown(one.grams, one.decimals, i18n.language)} g
          {one.coached && <small className="soft"> {t("marks.coached")}</small>}
        </span>
      ))}
      {known !== null && (
        <small className="soft">
          {t("results2.known", { grams: signed(known, Math.abs(known) < 10 ? 1 : 0, i18n.language) })}
        </small>
      )}
    </span>
  );
}

type Give = {
  part: Part;
  onGive: (points: number, reason: string, done: () => void) => void;
  onTakeBack: () => void;
};

/** Points that the teacher gives instead, and why. */
function OtherPoints({ part, onGive, onTakeBack }: Give) {
  const { t } = useTranslation();
  const [isOpen, setIsOpen] = useState(false);
  const [points, setPoints] = useState(String(part.points ?? part.of));
  const [reason, setReason] = useState(part.reason ?? "");
  if (!isOpen) {
    return (
      <p className="mark-other">
        <button type="button" className="quiet" onClick={() => setIsOpen(true)}>
          {t("marks.other")}
        </button>
        {part.reason !== null && (
          <button type="button" className="quiet" onClick={onTakeBack}>
            {t("marks.mineBack")}
          </button>
        )}
      </p>
    );
  }
  return (
    <form
      className="mark-give"
      onSubmit={(event) => {
        event.preventDefault();
        onGive(Number(points), reason, () => setIsOpen(false));
      }}
    >
      <label className="field narrow">
        <span>{t("marks.points", { of: part.of })}</span>
        <input inputMode="numeric" value={points} onChange={(event) => setPoints(event.target.value)} />
      </label>
      <label className="field">
        <span>{t("marks.why")}</span>
        <input value={reason} maxLength={200} onChange={(event) => setReason(event.target.value)} />
      </label>
      <button type="submit" className="btn btn-outline">
        {t("marks.give")}
      </button>
    </form>
  );
}
