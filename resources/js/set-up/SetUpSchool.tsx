import "../../css/school.css";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Navigate, useNavigate } from "react-router";
import client, { asProblem, body } from "../api/client";
import type { Body } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import Door from "../shell/Door";
import Loading from "../shell/Loading";
import { useEntering, useSession } from "../shell/session";
import CupQuestion from "./CupQuestion";
import SchoolQuestions from "./SchoolQuestions";

type Draft = Body<"post", "/api/set-up">;

/** The first visit to an empty installation, or to one more school, with the code for it: four questions, and the way to the first class. */
export default function SetUpSchool() {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const session = useSession();
  const [brought] = useState(() => new URLSearchParams(location.hash.slice(1)).get("code") ?? "");
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || "UTC";
  const [draft, setDraft] = useState<Draft>({
    code: brought,
    name: "",
    time_zone: zone,
    language: i18n.language === "es" ? "es" : "en",
    spelling: /^en-(?!US)/.test(navigator.language) ? "british" : "us",
    decimal_sign: "device",
    standard: /^(en|.*-US)$/.test(navigator.language) ? "us_customary" : "metric_250",
    teacher: "",
    email: "",
    password: "",
  });
  const change = (part: Partial<Draft>) => setDraft((before) => ({ ...before, ...part }));
  const entering = useEntering((input: Draft) => body(client.POST("/api/set-up", { body: input })));
  const problem = entering.isError ? asProblem(entering.error) : undefined;
  const at = (field: string) => problem?.fields[field]?.[0];
  if (session.isPending) return <Loading />;
  if (session.data && !session.data.to_set_up && !brought && !entering.isPending) return <Navigate to="/" replace />;
  const text = (field: "code" | "name" | "teacher" | "email" | "password") => ({
    value: draft[field],
    problem: at(field),
    onChange: (event: { target: { value: string } }) => change({ [field]: event.target.value }),
  });
  return (
    <Door title={t("setUpSchool.title")}>
      <p>{t("setUpSchool.hint")}</p>
      <form
        className="grid gap-8 set-up-school"
        noValidate
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          entering.mutate(draft, { onSuccess: () => go("/class") });
        }}
      >
        <Field label={t("setUpSchool.code")} hint={t("setUpSchool.codeHint")} autoComplete="off" {...text("code")} />
        <fieldset>
          <legend>{t("setUpSchool.one")}</legend>
          <Field label={t("setUpSchool.school")} maxLength={120} autoComplete="organization" {...text("name")} />
        </fieldset>
        <fieldset>
          <legend>{t("setUpSchool.two")}</legend>
          <SchoolQuestions draft={draft} change={change} at={at} />
        </fieldset>
        <fieldset>
          <legend>{t("setUpSchool.three")}</legend>
          <CupQuestion standard={draft.standard} change={change} problem={at("standard")} />
        </fieldset>
        <fieldset>
          <legend>{t("setUpSchool.four")}</legend>
          <p className="soft">{t("setUpSchool.fourHint")}</p>
          <Field label={t("school.name")} maxLength={80} autoComplete="name" {...text("teacher")} />
          <Field label={t("signIn.email")} type="email" autoComplete="username" {...text("email")} />
          <Field
            label={t("signIn.password")}
            hint={t("account.passwordHint")}
            type="password"
            autoComplete="new-password"
            {...text("password")}
          />
        </fieldset>
        <FieldProblem>{problem?.ofAll}</FieldProblem>
        <SendButton className="btn btn-primary btn-main" isPending={entering.isPending}>
          {t("setUpSchool.go")}
        </SendButton>
      </form>
    </Door>
  );
}
