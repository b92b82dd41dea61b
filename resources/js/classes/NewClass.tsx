import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import SendButton from "../kit/SendButton";
import { useKeptText } from "../kit/useKeptText";
import ClassFile from "./ClassFile";

/** A class by its name and its period, or several from a file. */
export default function NewClass({ cancel }: { cancel?: () => void }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const [name, setName, dropName] = useKeptText("class");
  const [from, setFrom, dropFrom] = useKeptText("class.from", "10:00");
  const [to, setTo, dropTo] = useKeptText("class.to", "10:47");
  const making = useSend("post", "/api/sections", {
    onSuccess: ({ id }) => {
      dropName();
      dropFrom();
      dropTo();
      refresh.of("/api/today");
      cancel?.();
      go(`/class/${id}`);
    },
  });
  const make = (event: FormEvent) => {
    event.preventDefault();
    making.send({ body: { name, starts_at: from, ends_at: to } });
  };
  return (
    <main className="desk">
      <h1>{t("class.make")}</h1>
      <form className="grid max-w-md gap-4" noValidate onSubmit={make}>
        <Field
          label={t("class.name")}
          value={name}
          maxLength={80}
          problem={making.at("name")}
          onChange={(e) => setName(e.target.value)}
        />
        <Field
          label={t("class.from")}
          type="time"
          value={from}
          problem={making.at("starts_at")}
          onChange={(e) => setFrom(e.target.value)}
        />
        <Field
          label={t("class.to")}
          type="time"
          value={to}
          problem={making.at("ends_at")}
          onChange={(e) => setTo(e.target.value)}
        />
        <p className="flex gap-2">
          <SendButton className="btn btn-primary h-12 px-6" isPending={making.isPending}>
            {t("class.make")}
          </SendButton>
          {cancel && (
            <button type="button" className="btn btn-outline h-12" onClick={cancel}>
              {t("recipe.cancel")}
            </button>
          )}
        </p>
      </form>
      <ClassFile done={cancel} />
    </main>
  );
}
