import { type CSSProperties, useMemo } from "react";
import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import BoardHead from "./BoardHead";
import BoardSide from "./BoardSide";
import { type Board, byCell, cellKey, isAt } from "./board";
import Cell from "./Cell";
import GatePanel from "./GatePanel";
import GateStations from "./GateStations";
import StationHeading from "./StationHeading";
import Tally from "./Tally";
import UndoBar from "./UndoBar";
import { useCups } from "./useCups";
import Waiting from "./Waiting";

/** Stations by ingredients: a cup for each, by its latest verdict. Arrows move, Enter opens, Esc closes. */
export default function Cups({ board, live }: { board: Board; live: "live" | "polling" }) {
  const { t, i18n } = useTranslation();
  const cells = useMemo(() => byCell(board), [board]);
  const { place, opened, projected, project, grid, acts, openWaiting, openWhole, gate, openGate, closeGate } =
    useCups(board);
  const station = opened && board.stations[opened.row];
  const line = opened && board.lines[opened.column];

  return (
    <main className={projected ? "contents on-wall" : "contents"}>
      <BoardHead board={board} live={live} projected={projected} project={project} />
      {!projected && !gate && (
        <Waiting board={board} onOpen={(one) => openWhole(board.stations.indexOf(one))} onWaiting={openWaiting} />
      )}
      {gate && (
        <div className="gate-wrap">
          <GateStations board={board} at={gate} go={(one) => openGate(one.id)} close={closeGate} />
          <GatePanel key={gate.id} board={board} station={gate} />
        </div>
      )}
      <div className="board-wrap" hidden={gate !== undefined}>
        <div className="board-l">
          <table
            className="board"
            aria-label={board.lab.title}
            ref={grid}
            style={{ "--rows": board.stations.length } as CSSProperties}
          >
            <thead>
              <tr>
                <th scope="col">
                  <span className="unseen">{t("board.stations")}</span>
                </th>
                {board.lines.map((one) => (
                  <th key={one.id} scope="col">
                    <span className="n">{one.name}</span>
                    <span className="a">
                      <KitchenFraction>{one.amount}</KitchenFraction>
                    </span>
                    {/* On the wall nobody reads a target before the weight is in. */}
                    {!projected && one.target_g !== null && one.tolerance_g !== null && (
                      <span className="t num soft">
                        {shown(one.target_g, one.decimals, i18n.language)} ±
                        {shown(one.tolerance_g, one.tolerance_decimals, i18n.language)} g
                      </span>
                    )}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {board.stations.map((one, row) => (
                <tr key={one.id}>
                  <StationHeading board={board} station={one} projected={projected} open={() => openWhole(row)} />
                  {board.lines.map((of, column) => {
                    const weighings = cells.get(cellKey(one.id, of.id)) ?? [];
                    const last = weighings.findLast((one) => !one.corrected);
                    return (
                      <td key={of.id}>
                        <Cell
                          row={row}
                          column={column}
                          station={one.name}
                          line={of.name}
                          verdict={last?.verdict}
                          tolerances={last?.tolerances ?? 0}
                          grams={last?.grams ?? 0}
                          decimals={last?.decimals ?? 0}
                          times={weighings.length}
                          counting={weighings.filter((weighing) => !weighing.corrected).length}
                          isNotHere={!isAt(of, one.id)}
                          isBack={one.sent_back.some((back) => back.line === of.id)}
                          isChecked={one.checked.includes(of.id)}
                          isHere={place.row === row && place.column === column}
                          isOpened={opened?.row === row && opened.column === column}
                          isLarge={projected}
                          since={one.measuring.find((now) => now.line === of.id)?.at}
                          who={
                            projected
                              ? undefined
                              : (one.measuring.find((now) => now.line === of.id)?.student ?? undefined)
                          }
                          acts={acts}
                        />
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
          <p className="keys soft">
            {["←", "↑", "↓", "→"].map((key) => (
              <kbd key={key} className="kbd">
                {key}
              </kbd>
            ))}
            {t("board.move")} <kbd className="kbd ml-3">Enter</kbd> {t("board.openCell")}{" "}
            <kbd className="kbd ml-3">Esc</kbd> {t("board.escape")}
            <span className="ml-auto inline-flex items-center gap-2">
              <Tally count={2} /> {t("board.tallies")}
            </span>
          </p>
        </div>
        {!projected && !gate && (
          <BoardSide
            board={board}
            station={station}
            line={line}
            openGate={openGate}
            weighings={(station && line && cells.get(cellKey(station.id, line.id))) ?? []}
          />
        )}
      </div>
      <UndoBar board={board} />
    </main>
  );
}
