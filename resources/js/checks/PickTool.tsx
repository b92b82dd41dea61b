import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import NamesToTap from "../kit/NamesToTap";
import ToolRow from "../kit/ToolRow";
import { type CheckTools, type Draft, drawn, fillOf, type ToolToCheck } from "./checks";

type Props = { all: CheckTools; draft: Draft; change: (change: Partial<Draft>) => void; problem?: string | undefined };

/** A name that nobody else's tool of this kind has. */
function named(all: CheckTools, tool: ToolToCheck, place: string | null, shelf: string, kind: string): string {
  const base = `${place ?? shelf}: ${tool.name} ${kind}`.trim().slice(0, 56);
  const own = all.known.find((one) => one.kind_id === tool.id && one.place === place);
  if (own) return own.name;
  return all.known.some((one) => one.name === base) ? `${base} 2` : base;
}

/** Which tool is checked, to which line, whose it is, what it is called. */
export default function PickTool({ all, draft, change, problem }: Props) {
  const { t } = useTranslation();
  const tool = all.tools.find((one) => one.id === draft.kind);
  const fill = tool && fillOf(tool, draft.mark);
  const place = draft.place === undefined ? all.place : draft.place;
  // A jug of a cup is another tool than a cup.
  const kindOf = (one: ToolToCheck) =>
    one.kind === "liquid-measure" || one.kind === "top-read-liquid-measure" || one.kind === "small-liquid-measure"
      ? t(`toolShort.${one.kind}`)
      : "";
  const choose = (one: ToolToCheck) => {
    const at = one.in_set || all.place === null ? place : (draft.place ?? all.place);
    const top = fillOf(one, undefined);
    change({
      kind: one.id,
      mark: top?.mark ?? null,
      place: at,
      name: named(all, one, at, t("water.shelf"), kindOf(one)),
    });
  };
  return (
    <main className="w-pick">
      {all.shared.length > 0 && (
        <section>
          <h2 className="h2rim">{t("water.shared")}</h2>
          <ul className="w-shared">
            {all.shared.map((one) => {
              const of = all.tools.find((kind) => kind.id === one.kind_id);
              return (
                <li key={one.name}>
                  <button
                    type="button"
                    className="name"
                    aria-pressed={draft.name === one.name}
                    onClick={() => change({ kind: one.kind_id, mark: one.mark, place: one.place, name: one.name })}
                  >
                    <KitchenFraction>{one.name}</KitchenFraction>
                    <small>{one.is_done ? t("water.done") : of ? "" : t("water.gone")}</small>
                  </button>
                </li>
              );
            })}
          </ul>
        </section>
      )}
      <section>
        <h1 className="w-ask">{t("water.which")}</h1>
        <ul className="w-tools-row">
          {all.tools.map((one) => (
            <li key={one.id}>
              <button type="button" className="w-tool" aria-pressed={one.id === draft.kind} onClick={() => choose(one)}>
                <ToolRow fills={[drawn(one)]} label="" k={7} isHung />
                <b>
                  <KitchenFraction>{one.name}</KitchenFraction>
                </b>
                {kindOf(one) && <small>{kindOf(one)}</small>}
              </button>
            </li>
          ))}
        </ul>
        {all.tools.length === 0 && <p>{t("water.noTools")}</p>}
      </section>
      {tool && fill && (
        <section className="w-whose">
          {tool.fills.length > 1 && (
            <label className="field">
              <span>{t("water.line")}</span>
              <select value={fill.mark ?? ""} onChange={(event) => change({ mark: event.target.value })}>
                {tool.fills.map((one) => (
                  <option key={one.mark} value={one.mark ?? ""}>
                    {one.mark}
                  </option>
                ))}
              </select>
            </label>
          )}
          <label className="field">
            <span>{t("water.where")}</span>
            <select
              value={place ?? ""}
              onChange={(event) => {
                const to = event.target.value || null;
                change({ place: to, name: named(all, tool, to, t("water.shelf"), kindOf(tool)) });
              }}
            >
              <option value="">{t("water.onShelf")}</option>
              {all.places.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </select>
          </label>
          <label className="field w-name">
            <span>{t("water.name")}</span>
            <input
              value={draft.name ?? ""}
              maxLength={60}
              onChange={(event) => change({ name: event.target.value })}
              aria-invalid={problem !== undefined}
            />
            <FieldProblem>{problem}</FieldProblem>
          </label>
        </section>
      )}
      {all.students.length > 1 && (
        <fieldset>
          <legend className="label">{t("water.who")}</legend>
          <NamesToTap names={all.students} chosen={draft.student} onChoose={(student) => change({ student })} />
        </fieldset>
      )}
    </main>
  );
}
