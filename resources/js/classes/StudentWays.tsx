import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassRefresh } from "./class";

type Student = Class["students"][number];
const WAYS = ["top-read", "weigh-out", "partner", "large-print"] as const;

/** Other ways that a student may go. Folded, so that nobody reads them from the wall. */
export default function StudentWays({ section, student }: { section: number; student: Student }) {
  const { t } = useTranslation();
  const sending = useSend("put", "/api/sections/{section}/students/{student}/ways", useClassRefresh());
  const change = (way: (typeof WAYS)[number], isAllowed: boolean) =>
    sending.send({
      params: { path: { section, student: student.id } },
      body: { ways: isAllowed ? [...student.ways, way] : student.ways.filter((one) => one !== way) },
    });
  return (
    <details className="student-ways">
      <summary aria-label={t("class.waysOf", { name: student.name })}>{t("class.ways")}</summary>
      {WAYS.map((way) => (
        <label key={way}>
          <input
            type="checkbox"
            checked={student.ways.includes(way)}
            disabled={sending.isPending}
            onChange={(event) => change(way, event.target.checked)}
          />
          {t(`way.${way}`)}
        </label>
      ))}
      <p className="soft">{t("class.waysHint")}</p>
      <FieldProblem>{sending.says}</FieldProblem>
    </details>
  );
}
