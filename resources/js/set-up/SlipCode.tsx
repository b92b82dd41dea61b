import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import type { Problem } from "../api/client";
import Field from "../kit/Field";
import Door from "../shell/Door";

/** The code of a slip, where no camera read it. */
export default function SlipCode({ problem }: { problem: Problem | undefined }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const [code, setCode] = useState("");
  return (
    <Door title={t("welcomeSlip.enter")}>
      <form
        className="grid gap-5"
        noValidate
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          if (code.trim()) go(`/welcome/${encodeURIComponent(code.trim().toUpperCase())}`);
        }}
      >
        <Field
          label={t("welcomeSlip.code")}
          hint={t("welcomeSlip.codeHint")}
          autoComplete="off"
          autoCapitalize="characters"
          maxLength={20}
          value={code}
          problem={problem?.fields.code?.[0] ?? problem?.message}
          onChange={(event) => setCode(event.target.value)}
        />
        <button type="submit" className="btn btn-primary btn-main">
          {t("welcomeSlip.next")}
        </button>
      </form>
    </Door>
  );
}
