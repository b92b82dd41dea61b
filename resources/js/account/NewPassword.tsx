import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";

/** A new password; wherever else one is signed in, one is out. */
export default function NewPassword() {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const changing = useSend("put", "/api/account/password", { onSuccess: () => refresh.of("/api/account") });
  const [current, setCurrent] = useState("");
  const [password, setPassword] = useState("");
  const [isDone, setDone] = useState(false);
  const send = (event: FormEvent) => {
    event.preventDefault();
    setDone(false);
    changing.send({ body: { current, password } }, () => {
      setCurrent("");
      setPassword("");
      setDone(true);
    });
  };
  return (
    <form className="grid gap-3" onSubmit={send} noValidate>
      <h2 className="h2rim">{t("account.password")}</h2>
      <Field
        label={t("account.current")}
        type="password"
        autoComplete="current-password"
        value={current}
        problem={changing.at("current")}
        onChange={(event) => setCurrent(event.target.value)}
      />
      <Field
        label={t("account.new")}
        hint={t("account.passwordHint")}
        type="password"
        autoComplete="new-password"
        value={password}
        problem={changing.at("password")}
        onChange={(event) => setPassword(event.target.value)}
      />
      <FieldProblem>{changing.problem?.ofAll}</FieldProblem>
      <p role="status">{isDone ? t("account.changed") : ""}</p>
      <SendButton className="btn btn-outline min-h-11" isPending={changing.isPending}>
        {t("account.change")}
      </SendButton>
    </form>
  );
}
