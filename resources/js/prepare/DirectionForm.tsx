import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import { useKeptText } from "../kit/useKeptText";
import type { Sheet } from "./recipe";

type Step = Sheet["directions"][number];
type Props = { sheet: Sheet; step: Step; number: number; close: () => void };

const BY: Step["by"][] = ["student", "with-adult", "teacher"];

/** Settles one step: who does it, in gloves or not, a note, and which lines it uses. */
export default function DirectionForm({ sheet, step, number, close }: Props) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const first = { by: step.by, gloves: step.gloves, note: step.note ?? "", lines: step.lines };
  const [text, setText, drop] = useKeptText(`direction.${sheet.id}.${number}`);
  const draft: typeof first = text === "" ? first : JSON.parse(text); // half settled, it outlives leaving the page
  const setDraft = (next: typeof first) => setText(JSON.stringify(next));
  const leave = () => {
    drop();
    close();
  };
  const keeping = useSend("put", "/api/recipes/{recipe}/directions/{step}", {
    onSuccess: () => refresh.of("/api/recipes/{recipe}"),
  });
  const keep = (event: FormEvent) => {
    event.preventDefault();
    keeping.send({ params: { path: { recipe: sheet.id, step: number } }, body: draft }, leave);
  };
  const foods = sheet.lines.filter((line) => line.status !== "heading" && !line.skip);
  return (
    <form className="step-form" onSubmit={keep} noValidate>
      <fieldset className="choices">
        <legend className="label">{t("recipe.stepBy")}</legend>
        {BY.map((by) => (
          <label key={by} className="opt">
            <input type="radio" name="by" checked={draft.by === by} onChange={() => setDraft({ ...draft, by })} />
            <span>{t(`by.${by}`)}</span>
          </label>
        ))}
      </fieldset>
      <label className="opt">
        <input
          type="checkbox"
          checked={draft.gloves}
          onChange={(event) => setDraft({ ...draft, gloves: event.target.checked })}
        />
        <span>{t("recipe.stepGloves")}</span>
      </label>
      <fieldset className="choices">
        <legend className="label">{t("recipe.stepLines")}</legend>
        {foods.map((line) => (
          <label key={line.id} className="opt">
            <input
              type="checkbox"
              checked={draft.lines.includes(line.id)}
              onChange={(event) =>
                setDraft({
                  ...draft,
                  lines: event.target.checked
                    ? [...draft.lines, line.id]
                    : draft.lines.filter((one) => one !== line.id),
                })
              }
            />
            <span>{line.reads_as ?? line.text}</span>
          </label>
        ))}
      </fieldset>
      <Field
        label={t("recipe.stepNote")}
        value={draft.note}
        maxLength={300}
        problem={keeping.at("note")}
        onChange={(event) => setDraft({ ...draft, note: event.target.value })}
      />
      <FieldProblem>{keeping.at("note") ? undefined : keeping.says}</FieldProblem>
      <p className="flex gap-2 pt-2">
        <button type="submit" className="btn btn-primary" aria-busy={keeping.isPending}>
          {t("recipe.stepKeep")}
        </button>
        <button type="button" className="quiet" onClick={leave}>
          {t("recipe.stepCancel")}
        </button>
      </p>
    </form>
  );
}
