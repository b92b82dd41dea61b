import { useTranslation } from "react-i18next";
import type { Board, Station } from "./board";

type Props = { board: Board; station: Station; projected: boolean; open: () => void };

/** A station's name, who is there, and how it stands. */
export default function StationHeading({ board, station: one, projected, open }: Props) {
  const { t } = useTranslation();
  return (
    <th scope="row">
      <b>
        {projected ? (
          one.name
        ) : (
          <button type="button" className="station-name" onClick={open}>
            {one.name}
          </button>
        )}
      </b>
      {one.makes_up && <span className="tag-done">{t("board.madeUp")}</span>}
      {one.foreign.length > 0 && <span className="tag-now">{t("board.fellIn")}</span>}
      {one.dropped.length > 0 && <span className="tag-now">{t("board.onFloor")}</span>}
      {one.help_at !== null && <span className="tag-now">{t("board.hand")}</span>}
      {one.released && <span className="tag-done">{t("board.isReleased")}</span>}
      {one.ready_at !== null && <span className="tag-now">{t("board.isReady")}</span>}
      {!projected && one.measuring.length > 0 && (
        <span className="station-who">
          {one.measuring
            .map((now) =>
              [now.student, board.lines.find((line) => line.id === now.line)?.name].filter(Boolean).join(": "),
            )
            .join(" · ")}
        </span>
      )}
      {!projected && <span className="soft station-who">{one.students.join(", ")}</span>}
      {board.lab.state === "open" && !one.set_up && <span className="tag-now">{t("board.notSetUp")}</span>}
      {one.clean_up && <span className="soft station-who">{t("board.cleanUp")}</span>}
    </th>
  );
}
