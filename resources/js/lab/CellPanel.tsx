import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import LevelStrip from "../kit/LevelStrip";
import { shown, signed } from "../kit/numbers";
import VerdictGlyph from "../kit/VerdictGlyph";
import TechniqueLink from "../technique/TechniqueLink";
import type { Board, BoardLine, Station, Weighing } from "./board";
import { useDesk } from "./desk";
import LinePanel from "./LinePanel";

type Props = { board: Board; station: Station; line: BoardLine; weighings: Weighing[] };

/** One station's weighings of one ingredient, and how its target came about. */
export default function CellPanel({ board, station, line, weighings }: Props) {
  const { t, i18n } = useTranslation();
  const { say } = useDesk();
  const last = weighings.findLast((one) => !one.corrected);
  const clock = new Intl.DateTimeFormat(i18n.language, { timeStyle: "short", timeZone: board.time_zone });
  return (
    <>
      <div>
        <h2>{station.name}</h2>
        <p className="soft pt-1">{station.students.join(", ")}</p>
        <p className="running pt-2 text-[1rem]">
          <strong>{line.name}</strong> <KitchenFraction>{line.amount}</KitchenFraction>{" "}
          <TechniqueLink family={line.family} />
        </p>
      </div>
      {last ? (
        <div>
          <p className="flex items-center gap-3">
            <VerdictGlyph verdict={last.verdict} tolerances={last.tolerances} size={52} hidden />
            <span>
              <span className={`display text-[1.5rem] font-bold v-${last.verdict}`}>
                {t(`verdict.${last.verdict}`)}
              </span>
              <span className="num block font-semibold">
                {signed(last.error_g, last.decimals, i18n.language)} g · {signed(last.error_pct, 1, i18n.language)}%
              </span>
            </span>
          </p>
          {line.target_g !== null && line.tolerance_g !== null && (
            <LevelStrip
              targetG={line.target_g}
              lowG={line.target_g - line.tolerance_g}
              highG={line.target_g + line.tolerance_g}
              decimals={line.decimals}
              latest={{
                grams: last.grams,
                decimals: last.decimals,
                verdict: last.verdict,
                uncertaintyG: last.scale_u_g,
              }}
              earlier={weighings.filter((one) => !one.corrected && one !== last)}
            />
          )}
        </div>
      ) : (
        <p>{t("board.nobody")}</p>
      )}
      <LinePanel key={`${station.id} ${line.id}`} board={board} station={station} line={line} last={last} />
      {weighings.length > 0 && (
        <section>
          <h3 className="side-h">{t("board.attempts")}</h3>
          <ol>
            {weighings.map((one) => (
              <li key={one.id} className={`attempt ${one.corrected ? "is-corrected" : ""}`}>
                <VerdictGlyph verdict={one.verdict} tolerances={one.tolerances} size={28} />
                <span>
                  <strong className="num">{shown(one.grams, one.decimals, i18n.language)} g</strong> {one.student}
                  {one.corrected && <span className="soft"> {t("board.corrected")}</span>}
                  {one.put_right === "student" && (
                    <span className="soft"> {t(one.first_try ? "board.retypedFirst" : "board.retyped")}</span>
                  )}
                  {one.put_right === "student" && !one.first_try && board.runs && board.lab.state === "open" && (
                    <button
                      type="button"
                      className="quiet underline"
                      onClick={() =>
                        say({
                          kind: "first-try",
                          station_id: station.id,
                          line_id: line.id,
                          detail: { weighing: one.id },
                        })
                      }
                    >
                      {t("board.letCount")}
                    </button>
                  )}
                  {one.together > 1 && <span className="soft"> {t("board.together", { count: one.together })}</span>}
                  {one.source === "practice" && <span className="soft"> {t("board.practice")}</span>}
                  {!one.scale_checked && <span className="soft"> {t("board.unchecked")}</span>}
                  {one.before_set_up && <span className="soft"> {t("board.beforeSetUp")}</span>}
                </span>
                <span className="soft num">{clock.format(new Date(one.at))}</span>
              </li>
            ))}
          </ol>
        </section>
      )}
      {board.runs && (
        <section>
          <h3 className="side-h">{t("board.how")}</h3>
          <ul>
            {line.working.map((sentence) => (
              <li key={sentence} className="running">
                <KitchenFraction>{sentence}</KitchenFraction>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
