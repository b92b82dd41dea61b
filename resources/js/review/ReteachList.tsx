import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import HabitMark from "./HabitMark";

type Reteach = Schemas["ReteachRow"];

/** What to teach again first, to whom; one tap sets practice, plans an experiment, or has it weighed once more. */
export default function ReteachList({ section, reteach }: { section: number; reteach: Reteach[] }) {
  const { t } = useTranslation();
  if (reteach.length === 0) return <p className="soft">{t("reteach.none")}</p>;
  return (
    <ol className="reteach">
      {reteach.map((one) => (
        <ReteachRow key={`${one.family} ${one.side}`} section={section} one={one} />
      ))}
    </ol>
  );
}

function ReteachRow({ section, one }: { section: number; one: Reteach }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const [isSet, setIsSet] = useState(false);
  const practise = useSend("post", "/api/sections/{section}/review/practice", { onSuccess: () => setIsSet(true) });
  const again = useSend("post", "/api/sections/{section}/review/labs", {
    onSuccess: (made) => go(`/labs/${made.id}/prepare`),
  });
  const path = { params: { path: { section } } };
  return (
    <li>
      <HabitMark habit={one.side === "both" ? "scattered" : "same-slip"} pct={one.side === "under" ? -1 : 1} />
      <div>
        <b>{one.title}</b>
        <span>{one.who}</span>
        <span className="reteach-do">
          {isSet ? (
            <span role="status">{t("reteach.set")}</span>
          ) : (
            <button
              type="button"
              className="quiet"
              disabled={practise.isPending}
              onClick={() => practise.send({ ...path, body: { aims: one.aims, students: one.students } })}
            >
              {t("reteach.practise", { count: one.students.length })}
            </button>
          )}
          <Link className="quiet" to={`/review/experiments${one.food ? `?food=${one.food}` : ""}`}>
            {t("reteach.experiment")}
          </Link>
          {one.food && (
            <button
              type="button"
              className="quiet"
              disabled={again.isPending}
              onClick={() => again.send({ ...path, body: { food: String(one.food) } })}
            >
              {t("reteach.again", { count: one.minutes })}
            </button>
          )}
        </span>
        <FieldProblem>{practise.says ?? again.says}</FieldProblem>
      </div>
    </li>
  );
}
