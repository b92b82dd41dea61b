import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate, useParams } from "react-router";
import client, { asProblem, body } from "../api/client";
import { $api } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import Door from "../shell/Door";
import Loading from "../shell/Loading";
import { useEntering, useSession } from "../shell/session";
import SlipCode from "./SlipCode";

/** Whoever holds a slip chooses a password, and is in. */
export default function Welcome() {
  const { t } = useTranslation();
  const go = useNavigate();
  const { code = "" } = useParams();
  useSession(); // brings the token
  const slip = $api.useQuery(
    "get",
    "/api/slips/{code}",
    { params: { path: { code } } },
    { enabled: code !== "", retry: false },
  );
  const [name, setName] = useState<string>();
  const [password, setPassword] = useState("");
  const entering = useEntering((input: { name: string | null; password: string }) =>
    body(client.POST("/api/slips/{code}", { params: { path: { code } }, body: input })),
  );
  const problem = entering.isError ? asProblem(entering.error) : undefined;
  if (code === "" || slip.isError) return <SlipCode problem={slip.isError ? asProblem(slip.error) : undefined} />;
  if (slip.isPending) return <Loading />;
  const enter = (event: FormEvent) => {
    event.preventDefault();
    entering.mutate({ name: name ?? null, password }, { onSuccess: () => go("/today") });
  };
  return (
    <Door title={t("welcomeSlip.title", { school: slip.data.school })}>
      <p>{t(slip.data.is_new ? "welcomeSlip.new" : "welcomeSlip.again")}</p>
      <form className="grid gap-5" onSubmit={enter} noValidate>
        <Field label={t("signIn.email")} type="email" autoComplete="username" value={slip.data.email} readOnly />
        {slip.data.is_new && (
          <Field
            label={t("school.name")}
            maxLength={80}
            autoComplete="name"
            value={name ?? slip.data.name}
            problem={problem?.fields.name?.[0]}
            onChange={(event) => setName(event.target.value)}
          />
        )}
        <Field
          label={t("welcomeSlip.password")}
          hint={t("account.passwordHint")}
          type="password"
          autoComplete="new-password"
          value={password}
          problem={problem?.fields.password?.[0]}
          onChange={(event) => setPassword(event.target.value)}
        />
        <FieldProblem>{problem?.fields.code?.[0] ?? problem?.ofAll}</FieldProblem>
        <SendButton className="btn btn-primary btn-main" isPending={entering.isPending}>
          {t("welcomeSlip.go")}
        </SendButton>
      </form>
    </Door>
  );
}
