import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import ReviewTabs from "./ReviewTabs";
import SkillsEditor from "./SkillsEditor";

const MARK = { shown: "●", "on-the-way": "◐", "not-yet": "○" } as const;

/** The school's own list of skills: who has shown what, and by what evidence. */
export default function SkillsPage({ section, page }: { section: number; page: Schemas["CompetencyPage"] }) {
  const { t } = useTranslation();
  const [isEditing, setIsEditing] = useState(false);
  const [open, setOpen] = useState<{ code: string; student: number }>();
  if (isEditing) return <SkillsEditor section={section} page={page} onDone={() => setIsEditing(false)} />;
  const row = page.list.find((one) => one.code === open?.code);
  const shown = row?.students.find((one) => one.student_id === open?.student);
  return (
    <main className="review">
      <ReviewTabs />
      <header className="sheet-head">
        <div>
          <h1>{t("review.skills")}</h1>
          <p className="soft">{t("skills2.hint")}</p>
        </div>
        <button type="button" className="btn btn-primary" onClick={() => setIsEditing(true)}>
          {t(page.list.length === 0 ? "skills2.begin" : "skills2.edit")}
        </button>
      </header>
      {page.list.length === 0 ? (
        <p className="review-empty">{t("skills2.none")}</p>
      ) : (
        <div className="review-work">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls sideways is reached by keys */}
          <section className="term-scroll" aria-label={t("review.skills")} tabIndex={0}>
            <table className="term-grid">
              <thead>
                <tr>
                  <th scope="col">{t("term2.student")}</th>
                  {page.list.map((one) => (
                    <th key={one.code} scope="col" title={one.text}>
                      {one.code}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {page.students.map((student) => (
                  <tr key={student.id}>
                    <th scope="row">{student.name}</th>
                    {page.list.map((one) => {
                      const of = one.students.find((other) => String(other.student_id) === student.id);
                      const state = of?.state ?? "not-yet";
                      return (
                        <td key={one.code}>
                          <button
                            type="button"
                            className={`term-cell skill-${state}`}
                            aria-label={`${student.name}, ${one.code}: ${t(`skills2.${state}`)}`}
                            onClick={() => setOpen({ code: one.code, student: Number(student.id) })}
                          >
                            <span aria-hidden="true">{MARK[state]}</span>
                          </button>
                        </td>
                      );
                    })}
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <aside className="review-side">
            {row && shown && (
              <section aria-live="polite">
                <h2 className="h2rim">{page.students.find((one) => Number(one.id) === open?.student)?.name}</h2>
                <p className="cell-said">{`${row.code}: ${t(`skills2.${shown.state}`)}`}</p>
                <p>{row.text}</p>
                <ul>
                  {shown.because.map((one) => (
                    <li key={one}>{one}</li>
                  ))}
                </ul>
              </section>
            )}
            <section>
              <h2 className="h2rim">{t("skills2.list")}</h2>
              <dl className="skill-list">
                {page.list.map((one) => (
                  <div key={one.code}>
                    <dt>{one.code}</dt>
                    <dd>{one.text}</dd>
                  </div>
                ))}
              </dl>
              <p className="soft">
                {(["shown", "on-the-way", "not-yet"] as const)
                  .map((one) => `${MARK[one]} ${t(`skills2.${one}`)}`)
                  .join("  ")}
              </p>
            </section>
          </aside>
        </div>
      )}
    </main>
  );
}
