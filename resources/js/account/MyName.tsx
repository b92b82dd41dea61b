import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import SendButton from "../kit/SendButton";

export default function MyName({ account }: { account: Schemas["Account"] }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const keeping = useSend("put", "/api/account", { onSuccess: () => refresh.of("/api/account", "/api/session") });
  const [name, setName] = useState(account.name);
  return (
    <form
      className="grid gap-3"
      noValidate
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        keeping.send({ body: { name } });
      }}
    >
      <h2 className="h2rim">{account.email}</h2>
      <p className="soft">{t(`school.role.${account.role}`)}</p>
      <Field
        label={t("school.name")}
        value={name}
        maxLength={80}
        autoComplete="name"
        problem={keeping.says}
        onChange={(event) => setName(event.target.value)}
      />
      <SendButton className="btn btn-outline min-h-11" isPending={keeping.isPending}>
        {t("account.keep")}
      </SendButton>
    </form>
  );
}
