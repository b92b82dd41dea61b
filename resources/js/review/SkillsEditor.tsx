import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { FAMILIES } from "../kit/families";
import ReviewTabs from "./ReviewTabs";

type Row = { key: number; code: string; text: string; families: string[]; skills: string[] };

/** `FCS 2.1, Measures dry ingredients`: a line each, with a comma, a semicolon or a tab after the code; quotation marks as in CSV. */
const pasted = (text: string) =>
  text
    .split(/\r?\n/)
    .map((line) => /^\s*"?([^",;\t]{1,20})"?\s*[,;\t]\s*"?(.+?)"?\s*$/.exec(line))
    .flatMap((found) =>
      found?.[1] && found[2] ? [{ code: found[1].trim(), text: found[2].replaceAll('""', '"') }] : [],
    );

/** The list is typed, or pasted from a file; each line is tied to what shows it. */
export default function SkillsEditor(props: { section: number; page: Schemas["CompetencyPage"]; onDone: () => void }) {
  const { section, page, onDone } = props;
  const { t } = useTranslation();
  const known = useQueryClient();
  const keys = useRef(0);
  const keyed = (one: Omit<Row, "key">): Row => {
    keys.current += 1;
    return { ...one, key: keys.current };
  };
  const [rows, setRows] = useState(() => page.list.map(keyed));
  const [text, setText] = useState("");
  const keep = useSend("put", "/api/sections/{section}/skills", {
    onSuccess: async () => {
      await known.invalidateQueries({ queryKey: ["get", "/api/sections/{section}/skills"] });
      onDone();
    },
  });
  const change = (key: number, by: Partial<Row>) =>
    setRows((before) => before.map((one) => (one.key === key ? { ...one, ...by } : one)));
  const toggled = (of: string[], one: string) =>
    of.includes(one) ? of.filter((other) => other !== one) : [...of, one];
  return (
    <main className="review">
      <ReviewTabs />
      <h1>{t("skills2.edit")}</h1>
      <label className="field">
        <span>{t("skills2.paste")}</span>
        <textarea rows={4} value={text} onChange={(event) => setText(event.target.value)} />
      </label>
      <p>
        <button
          type="button"
          className="btn btn-outline"
          disabled={pasted(text).length === 0}
          onClick={() => {
            setRows((before) => [...before, ...pasted(text).map((one) => keyed({ ...one, families: [], skills: [] }))]);
            setText("");
          }}
        >
          {t("skills2.add", { count: pasted(text).length })}
        </button>
      </p>
      {rows.map((row, i) => (
        <fieldset key={row.key} className="rubric-part">
          <legend>{row.code || t("skills2.code")}</legend>
          <div className="rubric-fields">
            <label className="field narrow">
              <span>{t("skills2.code")}</span>
              <input
                value={row.code}
                maxLength={20}
                onChange={(event) => change(row.key, { code: event.target.value })}
              />
              <FieldProblem>{keep.at(`list.${i}.code`)}</FieldProblem>
            </label>
            <label className="field">
              <span>{t("skills2.text")}</span>
              <input
                value={row.text}
                maxLength={200}
                onChange={(event) => change(row.key, { text: event.target.value })}
              />
              <FieldProblem>{keep.at(`list.${i}.text`)}</FieldProblem>
            </label>
            <button
              type="button"
              className="quiet"
              onClick={() => setRows((before) => before.filter((one) => one.key !== row.key))}
            >
              {t("rubrics.takeOut")}
            </button>
          </div>
          <details open={row.families.length + row.skills.length === 0}>
            <summary>{t("skills2.ties", { count: row.families.length + row.skills.length })}</summary>
            <p className="skill-ties">
              {FAMILIES.map((one) => (
                <label key={one}>
                  <input
                    type="checkbox"
                    checked={row.families.includes(one)}
                    onChange={() => change(row.key, { families: toggled(row.families, one) })}
                  />
                  {t(`family.${one}`)}
                </label>
              ))}
              {page.skills.map((one) => (
                <label key={one.id}>
                  <input
                    type="checkbox"
                    checked={row.skills.includes(one.id)}
                    onChange={() => change(row.key, { skills: toggled(row.skills, one.id) })}
                  />
                  {one.name}
                </label>
              ))}
            </p>
          </details>
          <FieldProblem>{keep.at(`list.${i}.families`)}</FieldProblem>
        </fieldset>
      ))}
      <FieldProblem>{keep.problem?.ofAll}</FieldProblem>
      <footer className="rubric-foot">
        <button type="button" className="btn btn-outline" onClick={onDone}>
          {t("rubrics.cancel")}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => setRows((before) => [...before, keyed({ code: "", text: "", families: [], skills: [] })])}
        >
          {t("skills2.one")}
        </button>
        <button
          type="button"
          className="btn btn-primary"
          disabled={keep.isPending}
          onClick={() =>
            keep.send({
              params: { path: { section } },
              body: {
                list: rows.map(({ code, text: words, families, skills }) => ({
                  code,
                  text: words,
                  families: families as "fine-powder"[],
                  skills: skills as "read-jug"[],
                })),
              },
            })
          }
        >
          {t("rubrics.save")}
        </button>
      </footer>
    </main>
  );
}
