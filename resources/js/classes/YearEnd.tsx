import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { $api, useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import SendButton from "../kit/SendButton";
import { useDay } from "../kit/useDay";
import type { Class } from "./class";

/** A class at its year's end: taken along, put away, gone on with, kept, erased. */
export default function YearEnd({ one }: { one: Class }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const day = useDay();
  const refresh = useRefresh();
  const path = { section: one.id };
  const end = $api.useQuery("get", "/api/sections/{section}/end", { params: { path } });
  const left = { onSuccess: () => refresh.all() };
  const archiving = useSend("post", "/api/sections/{section}/archive", left);
  const taking = useSend("delete", "/api/sections/{section}/archive", left);
  const keeping = useSend("put", "/api/sections/{section}/end", left);
  const going = useSend("post", "/api/sections/{section}/next-year", left);
  const erasing = useSend("post", "/api/sections/{section}/erasure", left);
  const [next, setNext] = useState("");
  const [name, setName] = useState("");
  const [isErasing, setErasing] = useState(false);
  const send = (event: FormEvent) => {
    event.preventDefault();
    going.send({ params: { path }, body: { name: next } }, (made) => go(`/class/${made.id}`));
  };
  const erase = (event: FormEvent) => {
    event.preventDefault();
    erasing.send({ params: { path }, body: { name } }, () => go("/class"));
  };
  if (!end.data) return null; // a co-teacher's is not theirs to end
  return (
    <section className="grid gap-3">
      <h2 className="h2rim">{t("class.yearEnd")}</h2>
      <p>
        <a className="quiet" href={`/api/sections/${one.id}/export.zip`} download>
          {t("class.export")}
        </a>
        <small className="soft block">{t("class.exportHint")}</small>
      </p>
      <label className="check">
        <input
          type="checkbox"
          checked={end.data.kept}
          onChange={(event) => keeping.send({ params: { path }, body: { kept: event.target.checked } })}
        />
        {t("class.kept")}
      </label>
      <p className="soft">
        {end.data.ends_on ? t("class.endsOn", { day: day(end.data.ends_on) }) : t("class.endsNever")}
      </p>
      {end.data.archived ? (
        <button type="button" className="btn btn-outline min-h-11" onClick={() => taking.send({ params: { path } })}>
          {t("class.unarchive")}
        </button>
      ) : (
        <>
          <form className="grid gap-3" onSubmit={send} noValidate>
            <Field
              label={t("class.nextYear")}
              hint={t("class.nextYearHint")}
              value={next}
              maxLength={80}
              problem={going.says}
              onChange={(event) => setNext(event.target.value)}
            />
            <SendButton className="btn btn-outline min-h-11" isPending={going.isPending}>
              {t("class.goOn")}
            </SendButton>
          </form>
          <button
            type="button"
            className="quiet justify-self-start !px-0"
            onClick={() => archiving.send({ params: { path } }, () => go("/class"))}
          >
            {t("class.archive")}
          </button>
        </>
      )}
      {isErasing ? (
        <form className="erase" onSubmit={erase} noValidate>
          <p>
            {t("class.eraseTells", {
              students: t("school.students", { count: end.data.students }),
              labs: t("class.labs", { count: end.data.labs }),
              weighings: t("class.weighings", { count: end.data.weighings }),
            })}
          </p>
          <p>{t("class.gone", { day: day(end.data.gone_from_backups) })}</p>
          <Field
            label={t("class.typeName", { name: one.settings.name })}
            value={name}
            autoComplete="off"
            problem={erasing.says}
            onChange={(event) => setName(event.target.value)}
          />
          <p className="flex gap-2">
            <SendButton className="btn btn-error min-h-11" isPending={erasing.isPending}>
              {t("class.eraseNow")}
            </SendButton>
            <button type="button" className="quiet" onClick={() => setErasing(false)}>
              {t("class.leaveIt")}
            </button>
          </p>
        </form>
      ) : (
        <button type="button" className="quiet justify-self-start !px-0" onClick={() => setErasing(true)}>
          {t("class.erase")}
        </button>
      )}
    </section>
  );
}
