import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/query";
import { Tick } from "../kit/icons";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import "../../css/ready.css";
import SafetyPoints from "./SafetyPoints";
import SetPractice from "./SetPractice";

/** Before the lab: which skills its lines ask for, who has shown them, and what the class gets wrong most. */
export default function Ready() {
  const { t } = useTranslation();
  const { today, section: here } = useClassHere();
  const section = here?.id;
  const practice = $api.useQuery(
    "get",
    "/api/sections/{section}/practice",
    { params: { path: { section: section ?? 0 } } },
    { enabled: section !== undefined },
  );
  if (today.isPending) return <Loading />;
  if (!today.data) return <ProblemNote error={today.error} retry={today.refetch} />;
  if (practice.isError) return <ProblemNote error={practice.error} retry={practice.refetch} />;
  const { data } = practice;
  const skills = data?.skills.filter((one) => !one.safety) ?? [];
  const points = data?.skills.filter((one) => one.safety) ?? [];
  const ready = data?.students.filter((student) => student.ready).length ?? 0;
  return (
    <main className="ready">
      <header className="ready-head">
        <h1>{data?.lab ? t("ready.titleLab", { lab: data.lab }) : t("ready.title")}</h1>
        <Link className="btn btn-outline" to={`/practise/techniques?class=${section}`}>
          {t("ready.techniques")}
        </Link>
        <Link className="btn btn-outline" to={`/practise/question?class=${section}`}>
          {t("ready.project")}
        </Link>
        <Link className="btn btn-primary" to="/practise/simulator">
          {t("ready.bench")}
        </Link>
      </header>
      {section === undefined && <p className="py-4">{t("ready.noClass")}</p>}
      {data && (
        <div className="ready-body">
          <section>
            <p className="py-3">{t("ready.count", { count: ready, of: data.students.length })}</p>
            {data.students.length > 0 && (
              // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard
              <section className="ready-scroll" aria-label={t("ready.student")} tabIndex={0}>
                <table className="ready-t">
                  <thead>
                    <tr>
                      <th scope="col">{t("ready.student")}</th>
                      {skills.map((skill) => (
                        <th key={skill.id} scope="col">
                          {skill.said}
                        </th>
                      ))}
                      {points.length > 0 && <th scope="col">{t("ready.safety")}</th>}
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
                        {student.skills.map(
                          ({ state, shown, of }, i) =>
                            data.skills[i]?.safety === false && (
                              <td key={data.skills[i].id} className={`is-${state === "returning" ? "tried" : state}`}>
                                {state === "shown" && <Tick size={20} />}
                                <span
                                  className={
                                    state === "shown" || state === "open" || (of > 1 && state === "tried")
                                      ? "unseen"
                                      : ""
                                  }
                                >
                                  {t(`ready.${state}`)}
                                </span>
                                {of > 1 && state !== "shown" && (
                                  <span className="num block">{t("ready.kinds", { count: shown, of })}</span>
                                )}
                              </td>
                            ),
                        )}
                        {points.length > 0 && (
                          <SafetyPoints
                            shown={
                              student.skills.filter((one, i) => data.skills[i]?.safety && one.state === "shown").length
                            }
                            of={points.length}
                          />
                        )}
                        <td className="num">{student.answered}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </section>
            )}
          </section>
          <aside>
            {section !== undefined && <SetPractice key={section} section={section} practice={data} />}
            <h2 className="h2rim">{t("ready.missed")}</h2>
            {data.missed.length === 0 && <p className="soft py-3">{t("ready.nothing")}</p>}
            <ol>
              {data.missed.map((one) => (
                <li key={one.said} className="note">
                  {one.said}{" "}
                  <span className="soft block">
                    {t("ready.missedBy", { count: one.students })}, {t("ready.missedTimes", { count: one.times })}
                  </span>
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
