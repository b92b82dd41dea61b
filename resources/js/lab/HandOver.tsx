import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Board, Station } from "./board";

/** A paused lab goes on another time: what each station has left, to hand over. */
export default function HandOver({ board }: { board: Board }) {
  const { t } = useTranslation();
  const left = useLeft(board);
  return (
    <section>
      <h3 className="side-h">{t("board.handOver")}</h3>
      <ul>
        {board.stations.map((station) => (
          <li key={station.id} className="py-1">
            <b>{station.name}</b> {left(station)}
          </li>
        ))}
      </ul>
      <Link className="quiet underline" to={`/print/labs/${board.lab.id}/hand-over`}>
        {t("board.onPaper")}
      </Link>
    </section>
  );
}

/** Says what a station has left to do, and which timers of it run. */
export function useLeft(board: Board) {
  const { t } = useTranslation();
  const name = (id: number) => board.lines.find((line) => line.id === id)?.name ?? "";
  return (station: Station) =>
    [
      station.left.length > 0
        ? station.left.map(name).join(", ")
        : t(station.released ? "board.isReleased" : "board.toCheck"),
      ...station.timers.map((timer) => timer.label || t("board.timer")),
    ].join(" · ");
}
