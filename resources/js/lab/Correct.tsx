import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { ulid } from "ulid";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import type { Weighing } from "./board";

/** A wrong entry put right; the old one stays, struck through. */
export default function Correct({ lab, weighing }: { lab: number; weighing: Weighing }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const [grams, setGrams] = useState("");
  const [id, setId] = useState(ulid); // its own, so that it is stored once
  const correcting = useSend("put", "/api/labs/{lab}/weighings/{weighing}/correction", {
    onSettled: () => refresh.of("/api/labs/{lab}/board"),
  });
  const correct = (event: FormEvent) => {
    event.preventDefault();
    correcting.send({ params: { path: { lab, weighing: weighing.id } }, body: { id, grams } }, () => {
      setGrams("");
      setId(ulid());
    });
  };
  return (
    <details className="panel-correct">
      <summary>{t("board.correct")}</summary>
      <form className="panel-note" onSubmit={correct}>
        <input
          inputMode="decimal"
          aria-label={t("board.correctTo")}
          placeholder={t("board.correctTo")}
          value={grams}
          onChange={(event) => setGrams(event.target.value)}
        />
        <SendButton className="btn btn-outline" disabled={grams === ""} isPending={correcting.isPending}>
          {t("board.correctDo")}
        </SendButton>
      </form>
      <FieldProblem>{correcting.says}</FieldProblem>
    </details>
  );
}
