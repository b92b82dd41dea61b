import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import { type Class, useClassRefresh } from "./class";

/** All that is stored of a student, to take along; and their end, for which the name is typed. */
export default function StudentEnd({ section, student }: { section: number; student: Class["students"][number] }) {
  const { t } = useTranslation();
  const erasing = useSend("post", "/api/sections/{section}/students/{student}/erasure", useClassRefresh());
  const [isAsked, ask] = useState(false);
  const [name, setName] = useState("");
  const erase = (event: FormEvent) => {
    event.preventDefault();
    erasing.send({ params: { path: { section, student: student.id } }, body: { name } });
  };
  return (
    <div className="student-end">
      <a className="quiet" href={`/api/sections/${section}/students/${student.id}/record.zip`} download>
        {t("class.record", { name: student.name })}
      </a>
      {isAsked ? (
        <form onSubmit={erase} noValidate>
          <p>{t("class.eraseStudentTells")}</p>
          <Field
            label={t("class.typeName", { name: student.name })}
            value={name}
            maxLength={40}
            autoComplete="off"
            problem={erasing.says}
            onChange={(event) => setName(event.target.value)}
          />
          <p className="flex gap-2 pt-2">
            <button type="submit" className="btn btn-outline min-h-11">
              {t("class.eraseStudentNow", { name: student.name })}
            </button>
            <button type="button" className="btn btn-outline min-h-11" onClick={() => ask(false)}>
              {t("class.leaveIt")}
            </button>
          </p>
        </form>
      ) : (
        <button type="button" className="quiet" onClick={() => ask(true)}>
          {t("class.eraseStudent", { name: student.name })}
        </button>
      )}
    </div>
  );
}
