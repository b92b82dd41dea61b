import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { $api, useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { useDay } from "../kit/useDay";

type Props = { section: number; practice: Schemas["ClassPracticePage"] };

/** Sets practice for the class or one student until a day, and shows how far what was set has come. */
export default function SetPractice({ section, practice }: Props) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const day = useDay();
  const needed = practice.skills.map((one) => one.id);
  const [whom, setWhom] = useState("");
  const [aims, setAims] = useState(practice.lab ? needed : []);
  const [due, setDue] = useState(practice.due_on ?? "");
  const page = $api.queryOptions("get", "/api/sections/{section}/practice", { params: { path: { section } } });
  const keep = { onSuccess: (now: Schemas["ClassPracticePage"]) => refresh.keep(page, now) };
  const setting = useSend("post", "/api/sections/{section}/tasks", keep);
  const withdrawing = useSend("delete", "/api/sections/{section}/tasks/{task}", keep);
  const toggle = (id: string) => setAims(aims.includes(id) ? aims.filter((one) => one !== id) : [...aims, id]);
  return (
    <>
      <h2 className="h2rim">{t("ready.tasks")}</h2>
      {practice.tasks.length === 0 && <p className="soft py-2">{t("ready.noTasks")}</p>}
      <ul>
        {practice.tasks.map((task) => (
          <li key={task.id}>
            <b>
              {task.student ? `${task.student}: ` : ""}
              {task.aims.length > 2
                ? t("ready.more", { what: task.aims[0], count: task.aims.length - 1 })
                : task.aims.join(", ")}
            </b>
            <span className="num block">
              {t("ready.task", {
                done: task.done.length,
                of: task.done.length + task.open.length,
                day: day(task.due_on),
              })}
            </span>
            {task.open.length > 0 && task.open.length <= 6 && (
              <span className="soft block">{t("ready.taskOpen", { names: task.open.join(", ") })}</span>
            )}
            <button
              type="button"
              className="quiet underline"
              aria-busy={withdrawing.isPending}
              onClick={() => withdrawing.send({ params: { path: { section, task: task.id } } })}
            >
              {t("ready.withdraw")}
            </button>
          </li>
        ))}
      </ul>
      <details className="set-practice">
        <summary>{t("ready.setTitle")}</summary>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            setting.send({
              params: { path: { section } },
              body: { aims, due_on: due, student_id: whom === "" ? null : Number(whom) },
            });
          }}
          noValidate
        >
          <label>
            <span>{t("ready.whom")}</span>
            <select value={whom} onChange={(event) => setWhom(event.target.value)}>
              <option value="">{t("ready.everyone")}</option>
              {practice.students.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
          <FieldProblem>{setting.at("student_id")}</FieldProblem>
          <label>
            <span>{t("ready.due")}</span>
            <input type="date" value={due} onChange={(event) => setDue(event.target.value)} />
          </label>
          <FieldProblem>{setting.at("due_on")}</FieldProblem>
          {[false, true].map((safety) => (
            <fieldset key={String(safety)}>
              <legend>{t(safety ? "ready.safetyGroup" : "ready.what")}</legend>
              {practice.all
                .filter((one) => one.safety === safety)
                .map((one) => (
                  <label key={one.id} className="set-aim">
                    <input type="checkbox" checked={aims.includes(one.id)} onChange={() => toggle(one.id)} />
                    {one.said}
                  </label>
                ))}
            </fieldset>
          ))}
          <FieldProblem>{setting.at("aims")}</FieldProblem>
          <SendButton className="btn btn-primary" isPending={setting.isPending}>
            {t("ready.set")}
          </SendButton>
        </form>
      </details>
    </>
  );
}
