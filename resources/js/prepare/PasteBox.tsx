import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import FilePick from "../kit/FilePick";
import SendButton from "../kit/SendButton";
import { useKeptText } from "../kit/useKeptText";

/** A recipe as it was found, to be read. */
export default function PasteBox() {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const [text, setText, dropText] = useKeptText("paste");
  const [title, setTitle, dropTitle] = useKeptText("paste.title");
  const [flour, setFlour, dropFlour] = useKeptText("paste.flour");
  const keeping = useSend("post", "/api/recipes", {
    onSuccess: ({ id }) => {
      dropText();
      dropTitle();
      dropFlour();
      refresh.of("/api/recipes");
      go(`/recipes/${id}`);
    },
  });
  const isOfFlour = flour !== "" || keeping.at("flour") !== undefined;
  const says = keeping.at("title") || keeping.at("flour") ? undefined : keeping.says;
  const keep = (event: FormEvent) => {
    event.preventDefault();
    keeping.send({ body: { text, title, flour } });
  };
  return (
    <form onSubmit={keep} noValidate>
      <label className="field">
        <span>{t("prepare.paste")}</span>
        <textarea
          className="paste"
          rows={11}
          value={text}
          placeholder={t("prepare.placeholder")}
          aria-invalid={says !== undefined}
          aria-describedby="paste-hint paste-problem"
          onChange={(event) => {
            keeping.reset();
            setText(event.target.value);
          }}
        />
        <small id="paste-hint" className="soft mt-1 block text-[1rem]">
          {t("prepare.pasteHint")}
        </small>
        <FieldProblem id="paste-problem">{says}</FieldProblem>
      </label>
      <p className="pt-3">
        <FilePick
          label={t("prepare.file")}
          accept=".txt,.html,.htm,.json,.jsonld,text/plain,text/html,application/json,application/ld+json"
          take={(file) => {
            setText(file);
            keeping.reset();
          }}
        />
      </p>
      <div className="grid max-w-md gap-4 pt-4">
        {isOfFlour && (
          <Field
            label={t("prepare.flour")}
            inputMode="decimal"
            value={flour}
            maxLength={9}
            problem={keeping.at("flour")}
            onChange={(event) => setFlour(event.target.value)}
          />
        )}
        <Field
          label={t("prepare.name")}
          value={title}
          maxLength={120}
          problem={keeping.at("title")}
          onChange={(event) => {
            keeping.reset();
            setTitle(event.target.value);
          }}
        />
      </div>
      <SendButton className="btn btn-primary mt-4 h-12 px-8 text-[1.0625rem]" isPending={keeping.isPending}>
        {t("prepare.keep")}
      </SendButton>
    </form>
  );
}
