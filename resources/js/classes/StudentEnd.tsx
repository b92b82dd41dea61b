import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassRefresh } from "./class";

/** All that is stored of a student, to take along; and their end. */
export default function StudentEnd({ section, student }: { section: number; student: Class["students"][number] }) {
  const { t } = useTranslation();
  const erasing = useSend("delete", "/api/sections/{section}/students/{student}", useClassRefresh());
  const [isSure, setSure] = useState(false);
  return (
    <p className="student-end">
      <a className="quiet" href={`/api/sections/${section}/students/${student.id}/record.zip`} download>
        {t("class.record", { name: student.name })}
      </a>
      {isSure ? (
        <>
          <span>{t("class.eraseStudentTells")}</span>
          <button
            type="button"
            className="quiet"
            onClick={() => erasing.send({ params: { path: { section, student: student.id } } })}
          >
            {t("class.eraseStudentNow", { name: student.name })}
          </button>
          <button type="button" className="quiet" onClick={() => setSure(false)}>
            {t("class.leaveIt")}
          </button>
        </>
      ) : (
        <button type="button" className="quiet" onClick={() => setSure(true)}>
          {t("class.eraseStudent", { name: student.name })}
        </button>
      )}
      <FieldProblem>{erasing.says}</FieldProblem>
    </p>
  );
}
