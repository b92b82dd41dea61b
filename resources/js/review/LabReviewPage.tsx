import { useEffect, useEffectEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown, signed } from "../kit/numbers";
import { useDay } from "../kit/useDay";
import LineDots from "./LineDots";
import PhotoList from "./PhotoList";
import Replay from "./Replay";
import ReviewTabs from "./ReviewTabs";

/** A lab looked back on: what was Level, what misses came from, how it went, and what to remember. */
export default function LabReviewPage({ page }: { page: Schemas["LabReviewPage"] }) {
  const { t, i18n } = useTranslation();
  const day = useDay();
  const [note, setNote] = useState(page.note);
  const keep = useSend("put", "/api/labs/{lab}/review/note");
  const read = useSend("put", "/api/labs/{lab}/review/read");
  const markRead = useEffectEvent(() => page.over && read.send({ params: { path: { lab: page.lab_id } } }));
  useEffect(() => void markRead(), []);
  const percent = (number: number | null) => (number === null ? "–" : `${signed(number, 1, i18n.language)}%`);
  return (
    <main className="review">
      <ReviewTabs />
      <header className="sheet-head">
        <div>
          <h1>{page.lab}</h1>
          <p className="soft">
            {day(page.day)}
            {page.n > 0 && ` · ${t("lab2.level", { first: page.first, count: page.n })}`}
            {page.second > 0 && ` · ${t("lab2.gain", { count: page.second, gained: page.gained })}`}
          </p>
        </div>
        <p className="review-go">
          <Link className="btn btn-outline" to={`/labs/${page.lab_id}`}>
            {t("lab2.board")}
          </Link>
          <Link className="btn btn-outline" to={`/print/feedback?lab=${page.lab_id}`}>
            {t("lab2.sheets")}
          </Link>
          <Link className="btn btn-primary" to={`/review/labs/${page.lab_id}/marks`}>
            {t("review.marks")}
          </Link>
        </p>
      </header>
      {page.n === 0 ? (
        <p className="review-empty">{t("lab2.nothing")}</p>
      ) : (
        <>
          <table className="lab-lines">
            <thead>
              <tr>
                <th scope="col">{t("lab2.ingredient")}</th>
                <th scope="col">{t("lab2.tries")}</th>
                <th scope="col">{t("lab2.first")}</th>
                <th scope="col">{t("lab2.second")}</th>
                <th scope="col">{t("lab2.bias")}</th>
                <th scope="col">{t("lab2.reads")}</th>
              </tr>
            </thead>
            <tbody>
              {page.lines.map((line) => (
                <tr key={line.line_id}>
                  <th scope="row">
                    {line.food}
                    <small className="soft">
                      <KitchenFraction>{line.amount}</KitchenFraction>
                      {`, ${shown(line.target_g, line.target_g < 10 ? 1 : 0, i18n.language)} g`}
                    </small>
                  </th>
                  <td className="lab-dots">
                    <LineDots line={line} />
                  </td>
                  <td>{t("results2.of", { done: line.first, all: line.n })}</td>
                  <td>{line.second === 0 ? "–" : t("results2.of", { done: line.gained, all: line.second })}</td>
                  <td className="num">
                    {percent(line.bias)}
                    {line.spread !== null && (
                      <small className="soft">{` ± ${shown(line.spread, 1, i18n.language)}%`}</small>
                    )}
                  </td>
                  <td>{t(`lab2.habit.${line.habit}`)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="lab-work">
            <section>
              <h2 className="h2rim">{t("lab2.causes")}</h2>
              {page.causes.length === 0 && <p className="soft">{t("lab2.noCauses")}</p>}
              <ul className="cause-counts">
                {page.causes.map((one) => (
                  <li key={one.cause}>
                    <b className="num">{one.count}</b>
                    <div>
                      <span>{one.cause}</span>
                      <small className="soft">{one.next}</small>
                    </div>
                  </li>
                ))}
              </ul>
            </section>
            <section>
              <h2 className="h2rim">{t("lab2.bakes")}</h2>
              {page.faults.length === 0 && <p className="soft">{t("lab2.noFaults")}</p>}
              <ul className="bake-faults">
                {page.faults.map((one) => (
                  <li key={`${one.station} ${one.fault}`}>
                    <b>{`${one.station}: ${one.fault}`}</b>
                    <span>{one.said || t("lab2.noSuspect")}</span>
                  </li>
                ))}
              </ul>
              {page.owes.length > 0 && (
                <>
                  <h2 className="h2rim">{t("lab2.owes")}</h2>
                  <ul>
                    {page.owes.map((one) => (
                      <li key={one.id}>
                        <b>{one.name}</b> <span className="soft">{one.lines.join(", ") || t("lab2.all")}</span>
                      </li>
                    ))}
                  </ul>
                </>
              )}
            </section>
            <section>
              <h2 className="h2rim">{t("lab2.note")}</h2>
              {page.has_recipe ? (
                <>
                  <textarea
                    aria-label={t("lab2.note")}
                    value={note}
                    maxLength={1000}
                    rows={5}
                    onChange={(event) => setNote(event.target.value)}
                    onBlur={() =>
                      note !== page.note && keep.send({ params: { path: { lab: page.lab_id } }, body: { text: note } })
                    }
                  />
                  <small className="soft">{t("lab2.noteHint")}</small>
                  <FieldProblem>{keep.says}</FieldProblem>
                </>
              ) : (
                <p className="soft">{t("lab2.noRecipe")}</p>
              )}
            </section>
          </div>
          <PhotoList photos={page.photos} />
          <section>
            <h2 className="h2rim">{t("lab2.replay")}</h2>
            <Replay lanes={page.lanes} minutes={page.minutes} />
          </section>
        </>
      )}
    </main>
  );
}
