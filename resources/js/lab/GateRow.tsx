import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import KitchenFraction from "../kit/KitchenFraction";
import LevelStrip from "../kit/LevelStrip";
import { shown, signed } from "../kit/numbers";
import VerdictGlyph from "../kit/VerdictGlyph";
import type { BoardLine, Station, Weighing } from "./board";
import { useDesk } from "./desk";

type Props = {
  row: Schemas["GateRow"];
  line: BoardLine;
  station: Station;
  weighings: Weighing[];
  sendBack: () => void;
};

/** A line that wants a look: how it stands, what may have happened, and one tap to send it back or to accept it. */
export default function GateRow({ row, line, station, weighings, sendBack }: Props) {
  const { t, i18n } = useTranslation();
  const { say } = useDesk();
  const counting = weighings.filter((one) => !one.corrected);
  const last = counting[counting.length - 1];
  const at = { station_id: station.id, line_id: line.id };
  const isBack = row.why === "sent-back";
  const unseen = station.seen.filter((one) => one.line === line.id && one.seen === "not-done");
  return (
    <li className="gate-row">
      <VerdictGlyph verdict={last?.verdict ?? "none"} tolerances={last?.tolerances ?? 0} size={52} hidden />
      <div>
        <h3>
          {line.name} <KitchenFraction>{line.amount}</KitchenFraction>
        </h3>
        {last ? (
          <p>
            <b className={`gate-word v-${last.verdict}`}>{t(`verdict.${last.verdict}`)}</b>{" "}
            <b className="num">{shown(last.grams, last.decimals, i18n.language)} g</b>{" "}
            <span className="num">{signed(last.error_g, last.decimals, i18n.language)} g</span>
          </p>
        ) : (
          <b className="gate-word">{t("verdict.none")}</b>
        )}
        {last && (
          <p className="soft text-[0.875rem]">
            {last.student}, {t("gate.try", { count: counting.length, ordinal: true })}
          </p>
        )}
      </div>
      <div>
        {last && line.target_g !== null && line.tolerance_g !== null && (
          <LevelStrip
            targetG={line.target_g}
            lowG={line.target_g - line.tolerance_g}
            highG={line.target_g + line.tolerance_g}
            decimals={line.decimals}
            latest={{ grams: last.grams, decimals: last.decimals, verdict: last.verdict, uncertaintyG: last.scale_u_g }}
            earlier={counting.slice(0, -1)}
          />
        )}
      </div>
      <div>
        <b>{row.cause ?? t(`gate.why-${row.why}`)}</b>
        {row.tell && <span className="soft block text-[0.875rem]">{row.tell}</span>}
        {unseen.length > 0 && (
          <span className="soft block text-[0.875rem]">
            {t("gate.youSaw", {
              steps: unseen.map((one) => line.steps.find(({ id }) => id === one.step)?.text).join(", "),
            })}
          </span>
        )}
        {row.finer && <span className="soft block text-[0.875rem]">{t("gate.finer", { scale: row.finer })}</span>}
        {isBack && (
          <span className="soft block text-[0.875rem]">
            {station.sent_back.find((one) => one.line === line.id)?.reason}
          </span>
        )}
      </div>
      <div className="gate-acts">
        {!isBack && row.why !== "not-weighed" && (
          <button
            type="button"
            className="btn btn-now"
            aria-label={t("gate.backOf", { name: line.name })}
            onClick={sendBack}
          >
            {t("gate.back")}
          </button>
        )}
        {last && (
          <button
            type="button"
            className="btn btn-outline"
            aria-label={t("gate.acceptOf", { name: line.name })}
            onClick={() => {
              if (row.why === "foreign") say({ kind: "foreign-over", ...at });
              say({ kind: "checked", ...at });
            }}
          >
            {t("board.accept")}
          </button>
        )}
      </div>
    </li>
  );
}
