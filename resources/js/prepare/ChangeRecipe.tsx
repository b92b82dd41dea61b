import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { useKeptText } from "../kit/useKeptText";
import type { Sheet } from "./recipe";

/** Another version of a recipe, with what changed and why. Labs keep the version they were made from. */
export default function ChangeRecipe({ sheet, done }: { sheet: Sheet; done: () => void }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const of = `recipe.${sheet.id}.${sheet.version}`;
  const [text, setText, dropText] = useKeptText(of, sheet.text);
  const [note, setNote, dropNote] = useKeptText(`${of}.note`);
  const leave = () => {
    dropText();
    dropNote();
    done();
  };
  const changing = useSend("post", "/api/recipes/{recipe}/versions", {
    onSuccess: () => {
      refresh.all();
      leave();
    },
  });
  const archiving = useSend("post", "/api/recipes/{recipe}/archive", {
    onSuccess: () => {
      refresh.of("/api/recipes");
      go("/prepare");
    },
  });
  const path = { recipe: sheet.id };
  const says = changing.at("note") ? undefined : changing.says;
  const keep = (event: FormEvent) => {
    event.preventDefault();
    changing.send({ params: { path }, body: { text, note } });
  };
  return (
    <main className="desk">
      <h1>{sheet.title}</h1>
      <form onSubmit={keep} noValidate>
        <label className="field">
          <span>{t("recipe.change")}</span>
          <textarea
            className="paste"
            rows={20}
            value={text}
            aria-invalid={says !== undefined}
            aria-describedby="change-problem"
            onChange={(event) => setText(event.target.value)}
          />
          <FieldProblem id="change-problem">{says}</FieldProblem>
        </label>
        <div className="pt-4">
          <Field
            label={t("recipe.changeNote")}
            value={note}
            maxLength={200}
            problem={changing.at("note")}
            onChange={(event) => setNote(event.target.value)}
          />
        </div>
        <p className="flex flex-wrap gap-2 pt-4">
          <SendButton className="btn btn-primary h-12 px-6" isPending={changing.isPending}>
            {t("recipe.saveVersion", { number: sheet.version + 1 })}
          </SendButton>
          <button type="button" className="btn btn-outline h-12" onClick={leave}>
            {t("recipe.cancel")}
          </button>
          <button type="button" className="quiet ml-auto" onClick={() => archiving.send({ params: { path } })}>
            {t("recipe.archive")}
          </button>
        </p>
        <FieldProblem>{archiving.says}</FieldProblem>
      </form>
    </main>
  );
}
