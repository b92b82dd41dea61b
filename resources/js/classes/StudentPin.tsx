import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassRefresh } from "./class";

/** A new PIN to hand out, shown this once: the old one, and whoever is in by it, is out. */
export default function StudentPin({ section, student }: { section: number; student: Class["students"][number] }) {
  const { t } = useTranslation();
  const making = useSend("post", "/api/sections/{section}/students/{student}/pin", useClassRefresh());
  const [made, setMade] = useState<Schemas["NewPin"]>();
  if (made) {
    return (
      <span className="new-pin" role="status">
        {t("class.newPin")} <b className="num">{made.pin}</b>
        <button type="button" className="quiet" onClick={() => setMade(undefined)}>
          {t("class.pinTold")}
        </button>
      </span>
    );
  }
  return (
    <span>
      <button
        type="button"
        className="btn btn-outline min-h-11"
        aria-label={t("class.resetPinOf", { name: student.name })}
        onClick={() => making.send({ params: { path: { section, student: student.id } } }, setMade)}
      >
        {t("class.resetPin")}
      </button>
      <FieldProblem>{making.says}</FieldProblem>
    </span>
  );
}
