import { useTranslation } from "react-i18next";
import type { Board } from "./board";
import { useDesk } from "./desk";

/** What was just done, for as long as it can be undone. */
export default function UndoBar({ board }: { board: Board }) {
  const { t } = useTranslation();
  const { last, undo } = useDesk();
  const station = board.stations.find((one) => one.id === last?.event?.station_id)?.name ?? "";
  const line = board.lines.find((one) => one.id === last?.event?.line_id)?.name ?? "";
  return (
    <div className="undo" role="status">
      {last && (
        <p>
          {t(`board.did-${last.says}`, { station, line })}
          <button type="button" className="btn btn-now" onClick={undo}>
            {t("board.undo")} <kbd className="kbd">Z</kbd>
          </button>
        </p>
      )}
    </div>
  );
}
