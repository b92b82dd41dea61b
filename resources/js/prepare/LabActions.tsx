import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import CopyLab from "./CopyLab";
import type { Sheet } from "./lab";

/** Copy it, archive it. */
export default function LabActions({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const [isCopying, copy] = useState(false);
  const archiving = useSend("post", "/api/labs/{lab}/archive", {
    onSuccess: () => {
      refresh.of("/api/today", "/api/put-away", "/api/term");
      go("/prepare");
    },
  });
  return (
    <div className="grid gap-2 pt-3">
      <p className="flex gap-2">
        <button
          type="button"
          className="btn btn-outline flex-1"
          aria-expanded={isCopying}
          onClick={() => copy(!isCopying)}
        >
          {t("lab.copy")}
        </button>
        <button
          type="button"
          className="btn btn-outline flex-1"
          onClick={() => archiving.send({ params: { path: { lab: sheet.id } } })}
        >
          {t("lab.archive")}
        </button>
      </p>
      {isCopying && <CopyLab sheet={sheet} done={() => copy(false)} />}
      <FieldProblem>{archiving.says}</FieldProblem>
    </div>
  );
}
