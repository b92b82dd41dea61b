import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import type { Board } from "./board";

/** Pause, go on, close, open again. Closing signs the tablets out, so it asks once more, in the same place. */
export default function LabKeys({ board }: { board: Board }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const [sure, setSure] = useState(false);
  const after = {
    onSettled: () => {
      setSure(false); // opened again, it asks again
      return refresh.all();
    },
  };
  const pausing = useSend("post", "/api/labs/{lab}/pause", after);
  const resuming = useSend("post", "/api/labs/{lab}/resume", after);
  const closing = useSend("post", "/api/labs/{lab}/close", after);
  const reopening = useSend("post", "/api/labs/{lab}/reopen", after);
  const lab = { params: { path: { lab: board.lab.id } } };
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
          <SendButton
            type="button"
            className={`btn ${sure ? "btn-now" : "btn-outline"}`}
            isPending={closing.isPending}
            onClick={() => (sure ? closing.send(lab) : setSure(true))}
            onBlur={() => setSure(false)}
          >
            {t(sure ? "board.closeSure" : "board.close")}
          </SendButton>
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
