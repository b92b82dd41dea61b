import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassRefresh } from "./class";

type Student = Class["students"][number];
const WAYS = ["top-read", "weigh-out", "partner", "large-print"] as const;

/** Other ways that a student may go. */
export default function StudentWays({ section, student }: { section: number; student: Student }) {
  const { t } = useTranslation();
  const sending = useSend("put", "/api/sections/{section}/students/{student}/ways", useClassRefresh());
  const [isOpen, open] = useState(false); // folded, so that nobody reads them from the wall
  const [tapped, tap] = useState(student.ways);
  const ways = sending.problem ? student.ways : tapped; // at once; as it was, where it is refused
  const change = (way: (typeof WAYS)[number], isAllowed: boolean) => {
    const now = isAllowed ? [...ways, way] : ways.filter((one) => one !== way);
    tap(now);
    sending.send({ params: { path: { section, student: student.id } }, body: { ways: now } });
  };
  return (
    <>
      <button
        type="button"
        className="btn btn-outline min-h-11"
        aria-label={t("class.waysOf", { name: student.name })}
        aria-expanded={isOpen}
        onClick={() => open(!isOpen)}
      >
        {t("class.waysShort")}
      </button>
      {isOpen && (
        <div className="student-ways">
          {WAYS.map((way) => (
            <label key={way}>
              <input
                type="checkbox"
                checked={ways.includes(way)}
                onChange={(event) => change(way, event.target.checked)}
              />
              {t(`way.${way}`)}
            </label>
          ))}
          <p className="soft">{t("class.waysHint")}</p>
          <FieldProblem>{sending.says}</FieldProblem>
        </div>
      )}
    </>
  );
}
