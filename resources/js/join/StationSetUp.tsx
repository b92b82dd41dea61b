import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate, useSearchParams } from "react-router";
import client, { asProblem, body } from "../api/client";
import Field from "../kit/Field";
import Door from "../shell/Door";
import { useEntering, useSession } from "../shell/session";

/** A shared tablet becomes a station's, by the code on the station's card. */
export default function StationSetUp() {
  const { t } = useTranslation();
  const go = useNavigate();
  const [address] = useSearchParams();
  useSession(); // brings the token
  const [code, setCode] = useState(address.get("code") ?? "");
  const entering = useEntering((input: { code: string }) => body(client.POST("/api/station/session", { body: input })));
  const problem = entering.isError ? asProblem(entering.error) : undefined;
  const enter = (event: FormEvent) => {
    event.preventDefault();
    entering.mutate({ code }, { onSuccess: () => go("/kitchen") });
  };
  return (
    <Door title={t("station.title")}>
      {window.isSecureContext === false && <p className="soft">{t("station.noHttps")}</p>}
      <form className="grid gap-5" onSubmit={enter} noValidate>
        <Field
          label={t("station.code")}
          hint={t("station.codeHint")}
          autoCapitalize="characters"
          autoComplete="off"
          spellCheck={false}
          maxLength={16}
          value={code}
          onChange={(e) => setCode(e.target.value.toUpperCase())}
          problem={problem && (problem.fields.code?.[0] ?? problem.message)}
        />
        <button type="submit" className="btn btn-primary btn-main" aria-busy={entering.isPending}>
          {t("station.go")}
        </button>
      </form>
    </Door>
  );
}
