import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import CopyLab from "./CopyLab";
import type { Sheet } from "./lab";

/** Open it, copy it, put it away. */
export default function LabActions({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const of = { params: { path: { lab: sheet.id } } };
  // Even perfect work would miss these: nothing opens without that question.
  const isFar = sheet.out_of_reach.length > 0;
  const opening = useSend("post", "/api/labs/{lab}/open", {
    onSuccess: () => {
      refresh.all();
      go(`/labs/${sheet.id}`);
    },
  });
  const [isCopying, copy] = useState(false);
  const archiving = useSend("post", "/api/labs/{lab}/archive", {
    onSuccess: () => {
      refresh.of("/api/today", "/api/put-away", "/api/term");
      go("/prepare");
    },
  });
  return (
    <section className="grid gap-2">
      {sheet.state === "prepared" ? (
        <>
          <p className="soft text-[0.875rem]">{t("lab.openHint")}</p>
          {isFar && <p className="note">{t("lab.outOfReach", { names: sheet.out_of_reach.join(", ") })}</p>}
          <SendButton
            type="button"
            className="btn btn-primary h-12 text-[1.0625rem]"
            isPending={opening.isPending}
            onClick={() => opening.send({ ...of, body: { anyway: isFar } })}
          >
            {t(isFar ? "lab.openAnyway" : "lab.open")}
          </SendButton>
        </>
      ) : (
        <>
          <p className="note">{t("lab.frozen")}</p>
          <Link className="btn btn-primary h-12 text-[1.0625rem]" to={`/labs/${sheet.id}`}>
            {t("lab.toBoard")}
          </Link>
        </>
      )}
      <p className="flex gap-2">
        <button
          type="button"
          className="btn btn-outline flex-1"
          aria-expanded={isCopying}
          onClick={() => copy(!isCopying)}
        >
          {t("lab.copy")}
        </button>
        <button type="button" className="btn btn-outline flex-1" onClick={() => archiving.send(of)}>
          {t("lab.archive")}
        </button>
      </p>
      {isCopying && <CopyLab sheet={sheet} done={() => copy(false)} />}
      <FieldProblem>{opening.says ?? archiving.says}</FieldProblem>
    </section>
  );
}
