import { useTranslation } from "react-i18next";
import type { Board } from "../lab/board";
import { useLeft } from "../lab/HandOver";
import type { Sheet } from "../prepare/lab";
import Lettered from "./Lettered";

/** What each station has left. */
export default function HandOverStations({ sheet, board }: { sheet: Sheet; board: Board }) {
  const { t } = useTranslation();
  const left = useLeft(board);
  const name = (id: number) => board.lines.find((line) => line.id === id)?.name ?? "";
  return (
    <Lettered title={t("board.handOver")} sheet={sheet}>
      <table className="hand-over">
        <thead>
          <tr>
            <th scope="col">{t("board.stations")}</th>
            <th scope="col">{t("board.left")}</th>
            <th scope="col">{t("board.notes")}</th>
            <th scope="col">{t("print.done")}</th>
          </tr>
        </thead>
        <tbody>
          {board.stations.map((station) => (
            <tr key={station.id}>
              <th scope="row">
                {station.name}
                <span>{station.students.join(", ")}</span>
              </th>
              <td>{left(station)}</td>
              <td>
                {station.sent_back.map((one) => (
                  <p key={one.line}>
                    {t("board.sentBack", { line: name(one.line) })} {one.reason}
                  </p>
                ))}
                {station.out.map((line) => (
                  <p key={line}>{t("board.hasOut", { line: name(line) })}</p>
                ))}
                {station.notes.map((note) => (
                  <p key={note.at}>{note.text}</p>
                ))}
              </td>
              <td>
                <i aria-hidden />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Lettered>
  );
}
