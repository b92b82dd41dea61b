import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import type { Board, Station } from "./board";

/** Who is away today; and, where the class goes by name, whose turn each line is. */
export default function WhoMeasures({ board, station }: { board: Board; station: Station }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const after = { onSuccess: () => refresh.of("/api/labs/{lab}/board") };
  const giving = useSend("put", "/api/labs/{lab}/turns", after);
  const marking = useSend("put", "/api/sections/{section}/students/{student}/away", after);
  const name = (line: number) => board.lines.find((one) => one.id === line)?.name ?? "";
  return (
    <section>
      <h3 className="side-h">{t("board.who")}</h3>
      {station.members.map((one) => (
        <label key={one.id} className="away">
          <input
            type="checkbox"
            checked={one.away}
            onChange={(event) =>
              marking.send({
                params: { path: { section: board.section_id, student: one.id } },
                body: { away: event.target.checked },
              })
            }
          />
          {t("board.away", { name: one.name })}
        </label>
      ))}
      <ul>
        {station.turns.map(({ line, student }) => (
          <li key={line} className="turn">
            <span>{name(line)}</span>
            <select
              aria-label={t("board.turnOf", { line: name(line) })}
              value={student}
              onChange={(event) =>
                giving.send({
                  params: { path: { lab: board.lab.id } },
                  body: { line_id: line, station_id: station.id, student_id: Number(event.target.value) },
                })
              }
            >
              {station.members
                .filter((one) => !one.away)
                .map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.name}
                  </option>
                ))}
            </select>
          </li>
        ))}
      </ul>
      <FieldProblem>{giving.says ?? marking.says}</FieldProblem>
    </section>
  );
}
