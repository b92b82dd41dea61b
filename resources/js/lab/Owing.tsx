import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import type { Board } from "./board";

/** After a lab: who has weighed nothing in it, and may make it up later, alone. */
export default function Owing({ board }: { board: Board }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const after = { onSuccess: () => refresh.of("/api/labs/{lab}/board", "/api/sections/{section}") };
  const starting = useSend("put", "/api/labs/{lab}/make-up/{student}", after);
  const ending = useSend("delete", "/api/labs/{lab}/make-up/{student}", after);
  if (board.owe.length === 0) return null;
  return (
    <section>
      <h3 className="side-h">{t("board.owe")}</h3>
      <p className="soft">{t("board.oweHint")}</p>
      <ul>
        {board.owe.map((one) => (
          <li key={one.id} className="flex min-h-11 items-center justify-between gap-3 py-1">
            <span>
              <b>{one.name}</b>
              {one.lines.length > 0 && <small className="soft block">{one.lines.join(", ")}</small>}
            </span>
            <button
              type="button"
              className="btn btn-outline min-h-11"
              aria-label={t(one.makes_up ? "board.makeUpEndOf" : "board.makeUpOf", { name: one.name })}
              onClick={() =>
                (one.makes_up ? ending : starting).send({ params: { path: { lab: board.lab.id, student: one.id } } })
              }
            >
              {t(one.makes_up ? "board.makeUpEnd" : "board.makeUp")}
            </button>
          </li>
        ))}
      </ul>
      <FieldProblem>{starting.says ?? ending.says}</FieldProblem>
    </section>
  );
}
