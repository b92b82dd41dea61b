import { useTranslation } from "react-i18next";
import VerdictGlyph from "../kit/VerdictGlyph";
import { type Board, byCell, cellKey, isAt, type Station } from "./board";
import WaitedFor from "./WaitedFor";
import { inOrder } from "./Waiting";

type Props = { board: Board; at: Station; go: (station: Station) => void; close: () => void };

/** All stations with their cups, those who wait first; the one that is looked at is marked. */
export default function GateStations({ board, at, go, close }: Props) {
  const { t } = useTranslation();
  const cells = byCell(board);
  const waiting = inOrder(board);
  const first = [...new Set(waiting.map(({ station }) => station))];
  const all = [...first, ...board.stations.filter((one) => !first.includes(one))];
  return (
    <nav className="gate-list" aria-label={t("board.stations")}>
      <p className="gate-title">
        <b>{board.lab.title}</b>
        <span className="soft block">{t("gate.hands", { count: waiting.length })}</span>
      </p>
      <ul>
        {all.map((one) => {
          const since = waiting.find(({ station }) => station === one)?.since;
          const now = one.measuring[0];
          return (
            <li key={one.id}>
              <button type="button" aria-current={one.id === at.id ? "true" : undefined} onClick={() => go(one)}>
                <b>{one.name}</b>{" "}
                {since !== undefined ? (
                  <span className="tag-now">
                    <WaitedFor since={since} />
                  </span>
                ) : (
                  <span className="soft text-[0.875rem]">
                    {one.released
                      ? t("board.isReleased")
                      : now
                        ? t("gate.now", { name: board.lines.find((line) => line.id === now.line)?.name })
                        : ""}
                  </span>
                )}
                <span className="gate-cups" aria-hidden>
                  {board.lines.map((line) => {
                    const last = (cells.get(cellKey(one.id, line.id)) ?? []).findLast((each) => !each.corrected);
                    return (
                      isAt(line, one.id) && (
                        <VerdictGlyph
                          key={line.id}
                          verdict={last?.verdict ?? "none"}
                          tolerances={last?.tolerances ?? 0}
                          size={24}
                          edge={false}
                          hidden
                        />
                      )
                    );
                  })}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      <button type="button" className="quiet" onClick={close}>
        {t("gate.toBoard")} <kbd className="kbd">Esc</kbd>
      </button>
    </nav>
  );
}
