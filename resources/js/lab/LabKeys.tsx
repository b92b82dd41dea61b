import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import client, { asProblem } from "../api/client";
import FieldProblem from "../kit/FieldProblem";
import type { Board } from "./board";

/** Pause, go on, close, open again. Closing signs the tablets out, so it asks once more, in the same place. */
export default function LabKeys({ board }: { board: Board }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [sure, setSure] = useState(false);
  const turning = useMutation({
    mutationFn: async (how: "pause" | "resume" | "close" | "reopen") => {
      const params = { params: { path: { lab: board.lab.id } } };
      if (how === "pause") await client.POST("/api/labs/{lab}/pause", params);
      if (how === "resume") await client.POST("/api/labs/{lab}/resume", params);
      if (how === "close") await client.POST("/api/labs/{lab}/close", params);
      if (how === "reopen") await client.POST("/api/labs/{lab}/reopen", params);
    },
    onSettled: () => {
      setSure(false); // opened again, it asks again
      return queries.invalidateQueries();
    },
  });
  return (
    <>
      {board.lab.state === "open" && (
        <>
          <button
            type="button"
            className={`btn ${board.lab.paused ? "btn-now" : "btn-outline"}`}
            onClick={() => turning.mutate(board.lab.paused ? "resume" : "pause")}
          >
            {t(board.lab.paused ? "board.resume" : "board.pause")}
          </button>
          <button
            type="button"
            className={`btn ${sure ? "btn-now" : "btn-outline"}`}
            aria-busy={turning.isPending}
            onClick={() => (sure ? turning.mutate("close") : setSure(true))}
            onBlur={() => setSure(false)}
          >
            {t(sure ? "board.closeSure" : "board.close")}
          </button>
        </>
      )}
      {board.lab.state === "closed" && (
        <button type="button" className="btn btn-outline" onClick={() => turning.mutate("reopen")}>
          {t("board.reopen")}
        </button>
      )}
      <FieldProblem>{turning.isError ? asProblem(turning.error).message : undefined}</FieldProblem>
    </>
  );
}
