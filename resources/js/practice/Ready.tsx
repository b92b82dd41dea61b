import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import client, { body } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import { Tick } from "../kit/icons";
import "../../css/ready.css";

/** Before the lab: which skills its lines ask for, who has shown them, and what the class gets wrong most. */
export default function Ready() {
  const { t } = useTranslation();
  const today = useQuery({ queryKey: ["today"], queryFn: () => body(client.GET("/api/today")) });
  const [chosen, choose] = useState<number>();
  const section = chosen ?? today.data?.sections[0]?.id;
  const practice = useQuery({
    queryKey: ["class-practice", section],
    queryFn: () =>
      body(client.GET("/api/sections/{section}/practice", { params: { path: { section: section ?? 0 } } })),
    enabled: section !== undefined,
  });
  if (today.isPending) return <Loading />;
  if (!today.data) return <ProblemNote error={today.error} retry={today.refetch} />;
  if (practice.isError) return <ProblemNote error={practice.error} retry={practice.refetch} />;
  const { data } = practice;
  const ready = data?.students.filter((student) => student.ready).length ?? 0;
  return (
    <main className="ready">
      <header className="ready-head">
        <h1>{data?.lab ? t("ready.titleLab", { lab: data.lab }) : t("ready.title")}</h1>
        {today.data.sections.length > 1 && (
          <label className="ready-class">
            <span className="unseen">{t("places.class")}</span>
            <select value={section} onChange={(event) => choose(Number(event.target.value))}>
              {today.data.sections.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
        )}
        <Link className="btn btn-outline" to="/practise/question">
          {t("ready.project")}
        </Link>
        <Link className="btn btn-primary" to="/practise/bench">
          {t("ready.bench")}
        </Link>
      </header>
      {section === undefined && <p className="py-4">{t("ready.noClass")}</p>}
      {data && (
        <div className="ready-body">
          <section>
            <p className="py-3">{t("ready.count", { count: ready, of: data.students.length })}</p>
            {data.students.length > 0 && (
              <div className="ready-scroll">
                <table className="ready-t">
                  <thead>
                    <tr>
                      <th scope="col">{t("ready.student")}</th>
                      {data.skills.map((skill) => (
                        <th key={skill.id} scope="col">
                          {skill.said}
                        </th>
                      ))}
                      <th scope="col">{t("ready.questions")}</th>
                    </tr>
                  </thead>
                  <tbody>
                    {data.students.map((student) => (
                      <tr key={student.id}>
                        <th scope="row">
                          {student.name}
                          {student.ready && <span className="ready-tag">{t("ready.ready")}</span>}
                        </th>
                        {data.skills.map((skill) => {
                          const state = student.shown.includes(skill.id)
                            ? "shown"
                            : student.met.includes(skill.id)
                              ? "tried"
                              : "open";
                          return (
                            <td key={skill.id} className={`is-${state}`}>
                              {state === "shown" && <Tick size={20} />}
                              <span className={state === "tried" ? "" : "unseen"}>{t(`ready.${state}`)}</span>
                            </td>
                          );
                        })}
                        <td className="num">{student.answered}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </div>
            )}
          </section>
          <aside>
            <h2 className="h2rim">{t("ready.missed")}</h2>
            {data.missed.length === 0 && <p className="soft py-3">{t("ready.nothing")}</p>}
            <ol>
              {data.missed.map((one) => (
                <li key={one.said} className="note">
                  {one.said} <span className="soft num">{t("ready.times", { count: one.times })}</span>
                </li>
              ))}
            </ol>
            <p className="soft py-3">{t("ready.how")}</p>
          </aside>
        </div>
      )}
    </main>
  );
}
