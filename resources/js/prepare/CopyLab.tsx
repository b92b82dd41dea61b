import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { nameAmong, useClassHere } from "../shell/useClassHere";
import type { Sheet } from "./lab";

type Copy = { section: number; planned_for: string };

/** The same lab once more: for this class or others, on one day or several. */
export default function CopyLab({ sheet, done }: { sheet: Sheet; done: () => void }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const { sections } = useClassHere();
  const next = (section: number): Copy => ({
    section,
    planned_for: sections.find((one) => one.id === section)?.next_day ?? sheet.planned_for,
  });
  // The classes that have no such lab yet come first; with one class it is the same class once more.
  const others = sections.filter((one) => one.id !== sheet.section_id);
  const [chosen, setCopies] = useState<Copy[]>();
  const copies = chosen ?? [next(others[0]?.id ?? sheet.section_id)];
  const copying = useSend("post", "/api/labs/{lab}/copy", {
    onSuccess: ({ ids }) => {
      refresh.of("/api/today", "/api/term");
      go(ids.length === 1 ? `/labs/${ids[0]}/prepare` : "/prepare/calendar");
      done();
    },
  });
  const change = (at: number, part: Partial<Copy>) =>
    setCopies(copies.map((one, i) => (i === at ? { ...one, ...part } : one)));
  const more = () => {
    const left = sections.find((one) => !copies.some((copy) => copy.section === one.id)) ?? sections[0];
    setCopies([...copies, next(left?.id ?? sheet.section_id)]);
  };
  const send = (event: FormEvent) => {
    event.preventDefault();
    copying.send({ params: { path: { lab: sheet.id } }, body: { copies } });
  };
  return (
    <form className="grid gap-3" onSubmit={send} noValidate>
      {copies.map((copy, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a row is what stands there
        <fieldset key={i} className="copy-row">
          <legend className="unseen">{t("lab.copyNumber", { number: i + 1 })}</legend>
          <select
            aria-label={t("recipe.class")}
            value={copy.section}
            onChange={(event) => change(i, next(Number(event.target.value)))}
          >
            {sections.map((one) => (
              <option key={one.id} value={one.id}>
                {nameAmong(one, sections)}
              </option>
            ))}
          </select>
          <input
            type="date"
            aria-label={t("recipe.day")}
            aria-invalid={copying.at(`copies.${i}.planned_for`) !== undefined}
            value={copy.planned_for}
            onChange={(event) => change(i, { planned_for: event.target.value })}
          />
          {copies.length > 1 && (
            <button
              type="button"
              className="quiet"
              aria-label={t("lab.copyDrop", { number: i + 1 })}
              onClick={() => setCopies(copies.filter((_, at) => at !== i))}
            >
              ×
            </button>
          )}
          <FieldProblem>{copying.at(`copies.${i}.planned_for`) ?? copying.at(`copies.${i}.section`)}</FieldProblem>
        </fieldset>
      ))}
      {copies.length < 20 && (
        <button type="button" className="quiet justify-self-start underline" onClick={more}>
          {t("lab.copyMore")}
        </button>
      )}
      <p className="flex gap-2">
        <SendButton className="btn btn-primary min-h-11 flex-1" isPending={copying.isPending}>
          {t("lab.copyNow", { count: copies.length })}
        </SendButton>
        <button type="button" className="btn btn-outline min-h-11" onClick={done}>
          {t("recipe.cancel")}
        </button>
      </p>
      <FieldProblem>{copying.problem?.ofAll}</FieldProblem>
    </form>
  );
}
