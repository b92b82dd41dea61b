import { useTranslation } from "react-i18next";
import { useNow } from "../kit/useNow";
import type { Board, Station } from "./board";

export type Waits = { station: Station; since: number; what: "readyFor" | "handUp" };

type Props = { board: Board; onOpen: (station: Station) => void; onWaiting: (waits: Waits) => void };

/** Who waits: hands and checks by how long they have waited, then who is stuck. */
export default function Waiting({ board, onOpen, onWaiting }: Props) {
  const { t } = useTranslation();
  const now = useNow(10_000);
  const waiting = inOrder(board);
  const stuck = board.stations.filter((one) => one.stuck && !waiting.some(({ station }) => station.id === one.id));
  const timers = board.stations.flatMap((station) =>
    station.timers.filter((timer) => timer.ends_at <= now).map((timer) => ({ station, timer })),
  );
  if (waiting.length + stuck.length + timers.length === 0) return null;
  const line = (id: number | null) => board.lines.find((one) => one.id === id)?.name ?? "";
  return (
    <ul className="waiting" aria-label={t("board.waiting")}>
      {waiting.map((waits) => {
        const { station, since, what } = waits;
        return (
          <li key={`${station.id} ${what}`}>
            <button type="button" className="btn btn-now" onClick={() => onWaiting(waits)}>
              {t(`board.${what}`, { station: station.name, count: Math.max(0, Math.floor((now - since) / 60)) })}
            </button>
          </li>
        );
      })}
      {stuck.map((station) => (
        <li key={station.id}>
          <button type="button" className="btn btn-outline" onClick={() => onOpen(station)}>
            {t(`board.stuck-${station.stuck?.why}`, { station: station.name, line: line(station.stuck?.line ?? null) })}
          </button>
        </li>
      ))}
      {timers.map(({ station, timer }) => (
        <li key={timer.id} className="tag-now">
          {t("board.timerOver", { station: station.name, label: timer.label })}
        </li>
      ))}
    </ul>
  );
}

/** Longest wait first; H goes through them. */
export const inOrder = (board: Board): Waits[] =>
  board.stations
    .flatMap((station) => [
      ...(station.ready_at === null ? [] : [{ station, since: station.ready_at, what: "readyFor" as const }]),
      ...(station.help_at === null ? [] : [{ station, since: station.help_at, what: "handUp" as const }]),
    ])
    .sort((a, b) => a.since - b.since);
