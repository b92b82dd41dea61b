import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { Wrong } from "../kit/icons";
import SendButton from "../kit/SendButton";

/** A scale against a known weight: what lies on it, and what it shows. */
export default function ScaleCheck({ lab, scale, failed }: { lab: number; scale: number; failed: boolean }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const [nominal, setNominal] = useState("200");
  const [reading, setReading] = useState("");
  const checking = useSend("post", "/api/labs/{lab}/scale-checks", {
    onSettled: () => refresh.of("/api/labs/{lab}/board"),
  });
  const check = (event: FormEvent) => {
    event.preventDefault();
    checking.send({ params: { path: { lab } }, body: { scale_id: scale, nominal_g: nominal, reading_g: reading } });
  };
  return (
    <form onSubmit={check}>
      {failed && (
        <span className="flex items-center gap-1 font-semibold">
          <Wrong size={18} /> {t("board.scaleFailed")}
        </span>
      )}
      <label>
        {t("board.nominal")}
        <input inputMode="decimal" value={nominal} onChange={(event) => setNominal(event.target.value)} />
      </label>
      <label>
        {t("board.reading")}
        <input inputMode="decimal" value={reading} onChange={(event) => setReading(event.target.value)} />
      </label>
      <SendButton className="btn btn-outline" disabled={reading === ""} isPending={checking.isPending}>
        {t("board.scaleCheck")}
      </SendButton>
      <FieldProblem>{checking.says}</FieldProblem>
    </form>
  );
}
