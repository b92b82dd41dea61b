import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import HabitMark from "./HabitMark";
import PhotoList from "./PhotoList";
import ReviewRows from "./ReviewRows";
import ReviewTabs from "./ReviewTabs";
import TermLine from "./TermLine";

/** One student over a term, for their teacher. */
export default function StudentPage({ section, page }: { section: number; page: Schemas["StudentPage"] }) {
  const { t } = useTranslation();
  const path = { section, student: page.id };
  const [note, setNote] = useState(page.note);
  const [isSet, setIsSet] = useState(false);
  const keep = useSend("put", "/api/sections/{section}/students/{student}/note");
  const language = useSend("put", "/api/sections/{section}/students/{student}/language");
  const practise = useSend("post", "/api/sections/{section}/review/practice", { onSuccess: () => setIsSet(true) });
  return (
    <main className="review">
      <ReviewTabs />
      <header className="sheet-head">
        <div>
          <h1>{page.name}</h1>
          <p className="soft">
            {page.station && `${page.station} · `}
            {page.level}
          </p>
        </div>
        <p className="review-go">
          {page.before && (
            <Link className="btn btn-outline" to={`/review/students/${page.before}`}>
              {t("results2.before")}
            </Link>
          )}
          {page.after && (
            <Link className="btn btn-outline" to={`/review/students/${page.after}`}>
              {t("results2.after")}
            </Link>
          )}
          <Link className="btn btn-outline" to={`/print/feedback?section=${section}&student=${page.id}`}>
            {t("results2.sheet")}
          </Link>
        </p>
      </header>
      {page.weighings.length === 0 ? (
        <p className="review-empty">{t("results2.nothing", { name: page.name })}</p>
      ) : (
        <>
          <TermLine rows={page.weighings.filter((row) => !row.weighed_out)} />
          <div className="student-work">
            <section>
              <h2 className="h2rim">{t("results2.runs", { name: page.name })}</h2>
              <ul className="student-families">
                {page.families.map((one) => (
                  <li key={one.family}>
                    <b>{t(`family.${one.family}`)}</b>
                    <HabitMark habit={one.cell.habit} pct={one.cell.pct} />
                    <div>
                      <span>{one.cell.said ?? t("results2.tooFew", { count: one.cell.n })}</span>
                      {one.growth && <span className="soft">{one.growth}</span>}
                      {one.helped && <span className="soft">{one.helped}</span>}
                    </div>
                  </li>
                ))}
              </ul>
            </section>
            <section>
              <h2 className="h2rim">{t("results2.next", { name: page.name })}</h2>
              <p>{page.next ?? t("results2.steady")}</p>
              {page.aims.length > 0 &&
                (isSet ? (
                  <p role="status">{t("reteach.set")}</p>
                ) : (
                  <button
                    type="button"
                    className="btn btn-primary"
                    onClick={() =>
                      practise.send({
                        params: { path: { section } },
                        body: { aims: page.aims, students: [page.id] },
                      })
                    }
                  >
                    {t("results2.practise")}
                  </button>
                ))}
              <FieldProblem>{practise.says}</FieldProblem>
              {page.seen.length > 0 && (
                <>
                  <h2 className="h2rim">{t("results2.seen")}</h2>
                  <ul className="seen-steps">
                    {page.seen.map((one) => (
                      <li key={one.step}>
                        <span>{one.step}</span>
                        <b className="num">{t("results2.of", { done: one.done, all: one.all })}</b>
                      </li>
                    ))}
                  </ul>
                </>
              )}
              {page.marks.length > 0 && (
                <>
                  <h2 className="h2rim">{t("marks.title")}</h2>
                  <ul className="seen-steps">
                    {page.marks.map((one) => (
                      <li key={one.lab_id}>
                        <Link to={`/review/labs/${one.lab_id}/marks`}>{one.lab}</Link>
                        <b className="num">{one.score ?? t(`marks.attendance.${one.attendance}`)}</b>
                      </li>
                    ))}
                  </ul>
                </>
              )}
            </section>
            <section>
              <h2 className="h2rim">{t("results2.note")}</h2>
              <textarea
                aria-label={t("results2.note")}
                value={note}
                maxLength={1000}
                rows={4}
                onChange={(event) => setNote(event.target.value)}
                onBlur={() => note !== page.note && keep.send({ params: { path }, body: { text: note } })}
              />
              <small className="soft">{t("results2.noteHint")}</small>
              <FieldProblem>{keep.says}</FieldProblem>
              <label className="field">
                <span>{t("results2.language")}</span>
                <select
                  defaultValue={page.language ?? ""}
                  onChange={(event) =>
                    language.send({
                      params: { path },
                      body: { language: (event.target.value || null) as "en" | "es" | null },
                    })
                  }
                >
                  <option value="">{t("results2.asClass")}</option>
                  <option value="en">English</option>
                  <option value="es">Español</option>
                </select>
              </label>
            </section>
          </div>
          <PhotoList photos={page.photos} />
          <section>
            <h2 className="h2rim">{t("results2.all")}</h2>
            <ReviewRows rows={page.weighings} />
          </section>
        </>
      )}
    </main>
  );
}
