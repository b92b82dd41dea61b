import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useRefresh, useSend } from "../api/query";

/** Somebody typed wrong PINs: the teacher who knows them lets them in. */
export default function AtTheDoor({ section }: { section: Schemas["TodaySection"] }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const letting = useSend("post", "/api/sections/{section}/students/{student}/let-in", {
    onSuccess: () => refresh.of("/api/today"),
  });
  return (
    <>
      {section.at_the_door.map((student) => (
        <p key={student.id} className="at-door">
          <span>{t("today.wrongPins", { name: student.name, section: section.name })}</span>
          <button
            type="button"
            className="btn btn-now min-h-11"
            aria-label={t("today.letInWho", { name: student.name })}
            onClick={() => letting.send({ params: { path: { section: section.id, student: student.id } } })}
          >
            {t("today.letIn")}
          </button>
        </p>
      ))}
    </>
  );
}
