import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import client, { asProblem, body } from "../api/client";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import Door from "../shell/Door";
import { useEntering, useSession } from "../shell/session";

export default function SignIn() {
  const { t } = useTranslation();
  const go = useNavigate();
  useSession(); // brings the token
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const entering = useEntering((input: { email: string; password: string }) =>
    body(client.POST("/api/teacher/session", { body: input })),
  );
  const problem = entering.isError ? asProblem(entering.error) : undefined;
  const enter = (event: FormEvent) => {
    event.preventDefault();
    entering.mutate({ email, password }, { onSuccess: () => go("/today") });
  };
  return (
    <Door title={t("signIn.title")}>
      <form className="grid gap-5" onSubmit={enter} noValidate>
        <Field
          label={t("signIn.email")}
          type="email"
          autoComplete="username"
          value={email}
          onChange={(e) => setEmail(e.target.value)}
          problem={problem?.fields.email?.[0]}
        />
        <Field
          label={t("signIn.password")}
          type="password"
          autoComplete="current-password"
          value={password}
          onChange={(e) => setPassword(e.target.value)}
          problem={problem?.fields.password?.[0]}
        />
        <FieldProblem>{problem?.ofAll}</FieldProblem>
        <button type="submit" className="btn btn-primary btn-main" aria-busy={entering.isPending}>
          {t("signIn.go")}
        </button>
      </form>
    </Door>
  );
}
