import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { isTyping } from "../kit/isTyping";
import ReviewTabs from "../review/ReviewTabs";
import MarkDetail from "./MarkDetail";
import PickRubric from "./PickRubric";

type Page = Schemas["MarksPage"];
type Row = Schemas["MarkRow"];

/** A class's marks in a lab: on the left everybody, on the right what one mark came from. */
export default function MarksPage({ page }: { page: Page }) {
  const { t } = useTranslation();
  const known = useQueryClient();
  const [chosen, setChosen] = useState(page.students.find((one) => !one.accepted)?.id ?? page.students[0]?.id);
  const [read, setRead] = useState(new Set<number>());
  const [isPicking, setIsPicking] = useState(false);
  const key = ["get", "/api/labs/{lab}/marks"];
  const anew = () => known.invalidateQueries({ queryKey: key });
  const onTime = useSend("post", "/api/labs/{lab}/marks/on-time", { onSuccess: anew });
  const accept = useSend("post", "/api/labs/{lab}/marks/{student}/accept", { onSuccess: anew });
  const giveBack = useSend("post", "/api/labs/{lab}/marks/given-back", { onSuccess: anew });
  const takeBack = useSend("delete", "/api/labs/{lab}/marks/given-back", { onSuccess: anew });
  const path = { lab: page.lab_id };
  const student = page.students.find((one) => one.id === chosen);
  const choose = (id: number | undefined) => {
    setChosen(id);
    if (id !== undefined) setRead((before) => new Set(before).add(id));
  };
  const neighbour = (of: Row, step: number) => page.students[page.students.indexOf(of) + step];
  const open = page.students.filter((one) => !one.accepted && one.attendance === "here");
  const next = (of: Row) =>
    open.find((one) => page.students.indexOf(one) > page.students.indexOf(of)) ?? neighbour(of, 1);
  const acceptAndGoOn = (of: Row) =>
    accept.send({ params: { path: { ...path, student: of.id } } }, () => choose((next(of) ?? of).id));
  const ready = open.filter((one) => read.has(one.id) || one.id === chosen);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || !student || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === "j") choose(neighbour(student, 1)?.id ?? student.id);
      if (event.key === "k") choose(neighbour(student, -1)?.id ?? student.id);
      if (event.key === "a" && !student.accepted && student.attendance === "here") acceptAndGoOn(student);
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  });
  if (isPicking) return <PickRubric page={page} onPicked={() => setIsPicking(false)} />;
  const parts = page.rubric?.parts ?? [];
  return (
    <main className="review">
      <ReviewTabs />
      <header className="sheet-head">
        <div>
          <h1>{t("marks.of", { lab: page.lab })}</h1>
          <p className="soft">
            {page.rubric?.name}
            {page.exam && ` · ${t("marks.exam")}`}
            {" · "}
            {t("marks.accepted", { count: page.accepted, all: page.students.length })}
            {page.absent > 0 && ` · ${t("marks.absent", { count: page.absent })}`}
            {page.given_back_at && ` · ${t("marks.givenBack")}`}
          </p>
        </div>
        <p className="review-go">
          {page.accepted === 0 && (
            <button type="button" className="btn btn-outline" onClick={() => setIsPicking(true)}>
              {t("marks.another")}
            </button>
          )}
          {parts.some((one) => one.kind === "handing-in") && (
            <button type="button" className="btn btn-outline" onClick={() => onTime.send({ params: { path } })}>
              {t("marks.allOnTime")}
            </button>
          )}
          <Link className="btn btn-outline" to={`/print/feedback?lab=${page.lab_id}`}>
            {t("lab2.sheets")}
          </Link>
          {page.given_back_at ? (
            <button type="button" className="btn btn-outline" onClick={() => takeBack.send({ params: { path } })}>
              {t("marks.takeBack")}
            </button>
          ) : (
            <button
              type="button"
              className="btn btn-outline"
              disabled={page.accepted === 0}
              onClick={() => giveBack.send({ params: { path } })}
            >
              {t("marks.giveBack")}
            </button>
          )}
        </p>
      </header>
      <FieldProblem>{onTime.says ?? accept.says ?? giveBack.says}</FieldProblem>
      <div className="marks-work">
        <div>
          <table className="marks-table">
            <thead>
              <tr>
                <th scope="col">{t("term2.student")}</th>
                {parts.map((part) => (
                  <th key={part.id} scope="col">
                    {part.said} <small className="soft">{part.weight}</small>
                  </th>
                ))}
                <th scope="col">{t("marks.of100")}</th>
                <th scope="col">
                  <span className="sr-only">{t("marks.isAccepted")}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {page.students.map((one) => (
                <tr key={one.id} className={one.id === chosen ? "is-chosen" : ""}>
                  <th scope="row">
                    <button type="button" aria-pressed={one.id === chosen} onClick={() => choose(one.id)}>
                      {one.name}
                      <small className="soft">{one.station}</small>
                    </button>
                  </th>
                  {one.attendance === "here" ? (
                    one.parts.map((part) => (
                      <td key={part.id} className="num">
                        {part.points ?? "–"}
                        <span className="share" aria-hidden="true">
                          <i style={{ width: `${(100 * (part.points ?? 0)) / part.of}%` }} />
                        </span>
                      </td>
                    ))
                  ) : (
                    <td colSpan={parts.length} className="soft">
                      {t(`marks.attendance.${one.attendance}`)}
                    </td>
                  )}
                  <td className="num">
                    <b>{one.score ?? "–"}</b>
                  </td>
                  <td>
                    <span className={`mark-cup ${one.accepted ? "is-accepted" : ""}`}>
                      {one.accepted && "✓"}
                      <span className="sr-only">{t(one.accepted ? "marks.isAccepted" : "marks.notYet")}</span>
                    </span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="marks-foot">
            <kbd className="kbd">J</kbd> <kbd className="kbd">K</kbd> {t("marks.keys.student")}{" "}
            <kbd className="kbd">A</kbd> {t("marks.keys.accept")}
            {ready.length > 1 && (
              <button
                type="button"
                className="btn btn-outline"
                onClick={() => {
                  for (const one of ready) accept.send({ params: { path: { ...path, student: one.id } } });
                }}
              >
                {t("marks.acceptRead", { count: ready.length })}
              </button>
            )}
          </p>
        </div>
        {student && (
          <MarkDetail
            key={`${student.id} ${student.accepted}`}
            lab={page.lab_id}
            row={student}
            next={next(student)?.name}
            onAccept={() => acceptAndGoOn(student)}
            onChanged={anew}
          />
        )}
      </div>
    </main>
  );
}
