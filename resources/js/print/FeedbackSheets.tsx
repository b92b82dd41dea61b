import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { $api } from "../api/query";
import KitchenFraction from "../kit/KitchenFraction";
import { shown, signed } from "../kit/numbers";
import VerdictGlyph from "../kit/VerdictGlyph";
import PrintWaiting from "./PrintWaiting";

type Sheet = Schemas["FeedbackSheet"];

/** Sheets for families, two on a page, each in its own language: of a lab, or of the term. */
export default function FeedbackSheets() {
  const { t } = useTranslation();
  const [address] = useSearchParams();
  const lab = Number(address.get("lab"));
  const section = Number(address.get("section"));
  const student = Number(address.get("student")) || undefined;
  const query = student ? { student } : {};
  const ofLab = $api.useQuery(
    "get",
    "/api/labs/{lab}/sheets",
    { params: { path: { lab }, query } },
    { enabled: lab > 0 },
  );
  const ofTerm = $api.useQuery(
    "get",
    "/api/sections/{section}/sheets",
    { params: { path: { section }, query } },
    { enabled: lab === 0 },
  );
  const asked = lab > 0 ? ofLab : ofTerm;
  if (!asked.data) return <PrintWaiting error={asked.error} retry={asked.refetch} />;
  return (
    <div className="feedback-sheets">
      {asked.data.length === 0 && <p>{t("print.noSheets")}</p>}
      {asked.data.map((sheet) => (
        <FeedbackSheet key={sheet.student_id} sheet={sheet} />
      ))}
    </div>
  );
}

function FeedbackSheet({ sheet }: { sheet: Sheet }) {
  const { words, language } = sheet;
  const day = new Intl.DateTimeFormat(language, { day: "numeric", month: "long", year: "numeric", timeZone: "UTC" });
  const verdict = { level: words.level, heaped: words.heaped, shy: words.shy, "too-close": words.close };
  return (
    <article className="feedback-sheet" lang={language}>
      <header>
        <h1>{sheet.name}</h1>
        <p>
          <b>{sheet.of}</b>
          <span>{day.format(new Date(sheet.day))}</span>
        </p>
      </header>
      <p className="feedback-level">{sheet.level}</p>
      {sheet.rows.length > 0 && (
        <ul>
          {sheet.rows.map(({ first, last }) => (
            <li key={first.id}>
              <VerdictGlyph verdict={first.verdict} tolerances={first.tolerances} size={24} hidden />
              <span>
                <b>
                  {first.food} <KitchenFraction>{first.amount}</KitchenFraction>
                </b>
                {(last ?? first).verdict !== "level" && first.cause && <small>{first.cause}</small>}
              </span>
              <Try row={first} verdict={verdict[first.verdict]} language={language} />
              {last ? (
                <Try row={last} verdict={`${words.then} ${verdict[last.verdict]}`} language={language} />
              ) : (
                <span />
              )}
            </li>
          ))}
          {sheet.more > 0 && <li>{`+ ${sheet.more} ${words.more}`}</li>}
        </ul>
      )}
      {sheet.rows.length === 0 && (
        <ul className="feedback-said">
          {sheet.said.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      )}
      {sheet.mark && sheet.mark.score !== null && (
        <p className="feedback-mark">
          {words.marks}: <b>{sheet.mark.score}</b> {words.of100}
          {sheet.mark.parts.map((part) => (
            <span key={part.id}>
              {`${part.name} ${part.points ?? "–"}/${part.of}`}
              {part.reason && ` (${part.reason})`}
            </span>
          ))}
        </p>
      )}
      <p>
        <b>{words.practise}: </b>
        {sheet.next ?? words.keep_on}
      </p>
      <p className="feedback-signed">{words.seen}</p>
    </article>
  );
}

type TryProps = { row: Schemas["ReviewRow"]; verdict: string; language: string };

function Try({ row, verdict, language }: TryProps) {
  return (
    <span>
      <b>{verdict}</b> {`${shown(row.grams, row.decimals, language)} g`}
      {row.verdict !== "level" && ` (${signed(row.error_g, row.decimals, language)})`}
    </span>
  );
}
