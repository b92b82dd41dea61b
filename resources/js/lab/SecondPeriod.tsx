import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import type { Board } from "./board";

/** A lab in the first of its two periods: what is left waits until its teacher begins the second. */
export default function SecondPeriod({ board }: { board: Board }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const beginning = useSend("post", "/api/labs/{lab}/second", {
    onSuccess: () => refresh.of("/api/labs/{lab}/board", "/api/labs/{lab}/period"),
  });
  return (
    <section>
      <h3 className="side-h">{t("board.second")}</h3>
      <p className="py-1">{t("board.secondHint")}</p>
      <SendButton
        type="button"
        className="btn btn-outline min-h-11"
        isPending={beginning.isPending}
        onClick={() => beginning.send({ params: { path: { lab: board.lab.id } } })}
      >
        {t("board.secondBegin")}
      </SendButton>
      <FieldProblem>{beginning.says}</FieldProblem>
    </section>
  );
}
