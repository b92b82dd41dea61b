import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import AdultSteps from "./AdultSteps";
import type { Board, BoardLine, Station, Weighing } from "./board";
import CellPanel from "./CellPanel";
import HandOver from "./HandOver";
import NowByPlan from "./NowByPlan";
import Owing from "./Owing";
import ScaleChecks from "./ScaleChecks";
import SecondPeriod from "./SecondPeriod";
import StationPanel from "./StationPanel";

type Props = {
  board: Board;
  station: Station | undefined;
  line: BoardLine | undefined;
  weighings: Weighing[];
  openGate: (station: number) => void;
};

/** Beside the cups: one station's one ingredient, the whole station, or what the day asks for. */
export default function BoardSide({ board, station, line, weighings, openGate }: Props) {
  const { t } = useTranslation();
  return (
    <aside className="side" aria-label={t("board.attempts")}>
      {station && line ? (
        <CellPanel board={board} station={station} line={line} weighings={weighings} />
      ) : station ? (
        <StationPanel key={station.id} board={board} station={station} openGate={openGate} />
      ) : (
        <>
          <p>{board.weighings.length === 0 ? t("board.empty") : t("board.pick")}</p>
          {board.runs && board.lab.state === "closed" && <Owing board={board} />}
          {board.runs && board.lab.paused && <HandOver board={board} />}
          {board.runs && board.lab.state === "open" && board.lab.first_of_two && <SecondPeriod board={board} />}
          {board.lab.state === "open" && <NowByPlan lab={board.lab.id} runs={board.runs} />}
          {board.lab.state === "open" && <AdultSteps board={board} />}
          {board.runs && board.lab.state === "open" && <ScaleChecks board={board} />}
          {board.lab.state === "open" && (
            <Link className="quiet underline" to={`/labs/${board.lab.id}/table`}>
              {t("table.link")}
            </Link>
          )}
          {board.runs && (
            <Link className="quiet underline" to={`/labs/${board.lab.id}/paper`}>
              {t("paper.link")}
            </Link>
          )}
        </>
      )}
    </aside>
  );
}
