import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassRefresh } from "./class";

/** A student's name; a tap lets it be written otherwise, Enter or leaving the field keeps it, Esc does not. */
export default function Renaming({ section, student }: { section: number; student: Class["students"][number] }) {
  const { t } = useTranslation();
  const [name, setName] = useState<string>();
  const renaming = useSend("put", "/api/sections/{section}/students/{student}", useClassRefresh());
  const keep = (event?: FormEvent) => {
    event?.preventDefault();
    const next = name?.trim();
    if (!next || next === student.name) return setName(undefined);
    renaming.send(
      { params: { path: { section, student: student.id } }, body: { name: next, station_id: student.station_id } },
      () => setName(undefined),
    );
  };
  if (name === undefined) {
    return (
      <button
        type="button"
        className="renames"
        aria-label={t("class.rename", { name: student.name })}
        onClick={() => setName(student.name)}
      >
        {student.name}
      </button>
    );
  }
  return (
    <form onSubmit={keep}>
      <input
        // biome-ignore lint/a11y/noAutofocus: it stands where the name was tapped
        autoFocus
        className="renaming"
        aria-label={t("class.rename", { name: student.name })}
        maxLength={40}
        value={name}
        onChange={(event) => setName(event.target.value)}
        onBlur={() => keep()}
        onKeyDown={(event) => {
          if (event.key !== "Escape") return;
          event.stopPropagation(); // whoever is picked up stays so
          setName(undefined);
        }}
      />
      <FieldProblem>{renaming.says}</FieldProblem>
    </form>
  );
}
