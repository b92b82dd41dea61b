import { useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";

type Part = Schemas["RubricPart"];
type Band = Schemas["RubricBand"];
type Kept<T> = T & { key: number };
type Props = { rubric: Schemas["RubricView"]; usual: Part[]; onDone: () => unknown; onCancel: () => void };

/** Families as a teacher thinks of them; none: all ingredients. */
const GROUPS: Record<string, string[]> = {
  all: [],
  dry: ["fine-powder", "granular-sugar", "moist-sugar", "coarse-grain"],
  spoons: ["leavener-spice"],
  liquid: ["thin-liquid", "oil", "viscous-liquid"],
  fat: ["solid-fat", "nut-butter"],
};
const groupOf = (families: string[]) =>
  Object.keys(GROUPS).find((one) => [...(GROUPS[one] ?? [])].sort().join() === [...families].sort().join()) ?? "own";
const whole = (text: string) => (/^\d{1,6}$/.test(text) ? Number(text) : Number.NaN);

/** A rubric: its parts, what each is worth, and which result gives how much of it. The server says what does not hold together. */
export default function RubricEditor({ rubric, usual, onDone, onCancel }: Props) {
  const { t } = useTranslation();
  const keys = useRef(0);
  const keyed = <T,>(one: T): Kept<T> => {
    keys.current += 1;
    return { ...one, key: keys.current };
  };
  const [name, setName] = useState(rubric.name);
  const [parts, setParts] = useState(() => rubric.parts.map(keyed));
  const made = useSend("post", "/api/rubrics", { onSuccess: onDone });
  const changed = useSend("put", "/api/rubrics/{rubric}", { onSuccess: onDone });
  const at = (field: string) => made.at(field) ?? changed.at(field);
  const change = (key: number, by: Partial<Part>) =>
    setParts((before) => before.map((one) => (one.key === key ? { ...one, ...by } : one)));
  const body = {
    name,
    criteria: parts.map(({ kind, name: own, weight, families, bands, first_share }) => ({
      kind,
      name: own,
      weight,
      families: families as "fine-powder"[],
      bands,
      first_share,
    })),
  };
  return (
    <form
      className="rubric-editor"
      onSubmit={(event) => {
        event.preventDefault();
        rubric.id === null ? made.send({ body }) : changed.send({ params: { path: { rubric: rubric.id } }, body });
      }}
    >
      <h1>{t(rubric.id === null ? "rubrics.new" : "rubrics.change")}</h1>
      <label className="field">
        <span>{t("rubrics.name")}</span>
        <input value={name} maxLength={60} onChange={(event) => setName(event.target.value)} />
        <FieldProblem>{at("name")}</FieldProblem>
      </label>
      {parts.map((part, i) => (
        <fieldset key={part.key} className="rubric-part">
          <legend>{t(`rubrics.kind.${part.kind}`)}</legend>
          <div className="rubric-fields">
            <label className="field">
              <span>{t("rubrics.own")}</span>
              <input
                value={part.name ?? ""}
                placeholder={part.said}
                maxLength={60}
                onChange={(event) => change(part.key, { name: event.target.value || null })}
              />
            </label>
            <label className="field narrow">
              <span>{t("rubrics.weight")}</span>
              <input
                inputMode="numeric"
                value={Number.isNaN(part.weight) ? "" : part.weight}
                onChange={(event) => change(part.key, { weight: whole(event.target.value) })}
              />
              <FieldProblem>{at(`criteria.${i}.weight`)}</FieldProblem>
            </label>
            {(part.kind === "process" || part.kind === "accuracy") && (
              <label className="field">
                <span>{t("rubrics.of")}</span>
                <select
                  value={groupOf(part.families)}
                  onChange={(event) => change(part.key, { families: GROUPS[event.target.value] ?? part.families })}
                >
                  {[...Object.keys(GROUPS), ...(groupOf(part.families) === "own" ? ["own"] : [])].map((one) => (
                    <option key={one} value={one}>
                      {t(`rubrics.group.${one}`)}
                    </option>
                  ))}
                </select>
              </label>
            )}
            {part.kind === "accuracy" && (
              <label className="field">
                <span>{t("rubrics.first")}</span>
                <select
                  value={part.first_share}
                  onChange={(event) => change(part.key, { first_share: Number(event.target.value) })}
                >
                  {[...new Set([0, 25, 50, 75, 100, part.first_share])].map((share) => (
                    <option key={share} value={share}>
                      {share}%
                    </option>
                  ))}
                </select>
              </label>
            )}
            <button
              type="button"
              className="quiet"
              onClick={() => setParts((before) => before.filter((one) => one.key !== part.key))}
            >
              {t("rubrics.takeOut")}
            </button>
          </div>
          {part.unusual && <p className="note">{t("rubrics.unusual")}</p>}
          <Bands
            part={part}
            at={(band) => at(`criteria.${i}.bands.${band}`)}
            onChange={(bands) => change(part.key, { bands })}
          />
        </fieldset>
      ))}
      <p className="rubric-add">
        {usual
          .filter((one) => one.kind === "process" || one.kind === "accuracy" || !parts.some((p) => p.kind === one.kind))
          .map((one) => (
            <button
              key={one.kind}
              type="button"
              className="btn btn-outline"
              onClick={() => setParts((before) => [...before, keyed(one)])}
            >
              {t("rubrics.add", { part: t(`rubrics.kind.${one.kind}`) })}
            </button>
          ))}
      </p>
      <FieldProblem>{at("criteria") ?? made.problem?.ofAll ?? changed.problem?.ofAll}</FieldProblem>
      <footer className="rubric-foot">
        <button type="button" className="btn btn-outline" onClick={onCancel}>
          {t("rubrics.cancel")}
        </button>
        <button type="submit" className="btn btn-primary" disabled={made.isPending || changed.isPending}>
          {t("rubrics.save")}
        </button>
      </footer>
    </form>
  );
}

type BandsProps = { part: Part; at: (band: number) => string | undefined; onChange: (bands: Band[]) => void };

function Bands({ part, at, onChange }: BandsProps) {
  const { t } = useTranslation();
  const set = (i: number, by: Partial<Band>) =>
    onChange(part.bands.map((band, j) => (i === j ? { ...band, ...by } : band)));
  return (
    <table className="bands">
      <thead>
        <tr>
          <th scope="col">{t(`rubrics.from.${part.kind}`)}</th>
          <th scope="col">{t("rubrics.to")}</th>
          <th scope="col">{t("rubrics.score")}</th>
          <td />
        </tr>
      </thead>
      <tbody>
        {part.bands.map((band, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows keep their order and may repeat
          <tr key={i}>
            {(["from", "to", "score"] as const).map((field) => (
              <td key={field}>
                <input
                  inputMode="numeric"
                  aria-label={t(field === "from" ? `rubrics.from.${part.kind}` : `rubrics.${field}`)}
                  value={band[field] === null || Number.isNaN(band[field]) ? "" : String(band[field])}
                  placeholder={field === "to" ? t("rubrics.more") : ""}
                  onChange={(event) =>
                    set(i, { [field]: field === "to" && event.target.value === "" ? null : whole(event.target.value) })
                  }
                />
              </td>
            ))}
            <td>
              <button
                type="button"
                className="quiet"
                aria-label={t("rubrics.rowOut", { row: i + 1 })}
                onClick={() => onChange(part.bands.filter((_, j) => j !== i))}
              >
                {t("rubrics.takeOut")}
              </button>
              <FieldProblem>{at(i)}</FieldProblem>
            </td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <td colSpan={4}>
            <button
              type="button"
              className="quiet"
              onClick={() => onChange([...part.bands, { from: (part.bands.at(-1)?.to ?? 0) + 1, to: null, score: 0 }])}
            >
              {t("rubrics.row")}
            </button>
          </td>
        </tr>
      </tfoot>
    </table>
  );
}
