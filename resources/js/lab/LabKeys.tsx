import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import AskOnce from "../kit/AskOnce";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import type { Board } from "./board";
import { useDesk } from "./desk";

/** Pause, go on, close, open again. Closing stops everybody, so it asks once, and can be undone for eight seconds. */
export default function LabKeys({ board }: { board: Board }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const { done } = useDesk();
  const after = { onSettled: () => refresh.all() };
  const pausing = useSend("post", "/api/labs/{lab}/pause", after);
  const resuming = useSend("post", "/api/labs/{lab}/resume", after);
  const lab = { params: { path: { lab: board.lab.id } } };
  const reopening = useSend("post", "/api/labs/{lab}/reopen", after);
  const closing = useSend("post", "/api/labs/{lab}/close", {
    ...after,
    onSuccess: () => done({ says: "closed", undo: () => reopening.send(lab) }),
  });
  const { paused } = board.lab;
  return (
    <>
      {board.lab.state === "open" && (
        <>
          <SendButton
            type="button"
            className={`btn ${paused ? "btn-now" : "btn-outline"}`}
            isPending={pausing.isPending || resuming.isPending}
            onClick={() => (paused ? resuming : pausing).send(lab)}
          >
            {t(paused ? "board.resume" : "board.pause")}
          </SendButton>
          <AskOnce
            question={t("board.closeSure")}
            yes={t("board.closeYes")}
            isPending={closing.isPending}
            onYes={() => closing.send(lab)}
          >
            {t("board.close")}
          </AskOnce>
        </>
      )}
      {board.lab.state === "closed" && (
        <SendButton
          type="button"
          className="btn btn-outline"
          isPending={reopening.isPending}
          onClick={() => reopening.send(lab)}
        >
          {t("board.reopen")}
        </SendButton>
      )}
      <FieldProblem>{pausing.says ?? resuming.says ?? closing.says ?? reopening.says}</FieldProblem>
    </>
  );
}
