import { useTranslation } from "react-i18next";
import ScaleFace from "./ScaleFace";
import type { Action, Bench, Shown } from "./useSimulator";

const KEYS: Action[] = ["power", "unit", "tare"];
const ALL: Action[] = ["power", "bowl", "tare", "pour"];

/** The drawn scale: its display and keys, and what is put on it. What it shows comes from the server. */
export default function SimulatorScale({ bench, shown }: { bench: Bench; shown: Shown }) {
  const { t } = useTranslation();
  return (
    <div className="bench-scale">
      <ScaleFace shown={shown} />
      <div className="bench-keys">
        {KEYS.map((key) => (
          <button key={key} type="button" className="pick" onClick={() => bench.press(key)}>
            {t(`bench.scale.${key}`)}
          </button>
        ))}
        <button type="button" className="pick" aria-pressed={shown.has_bowl} onClick={() => bench.press("bowl")}>
          {t("bench.scale.bowl")}
        </button>
        <button type="button" className="pick" aria-pressed={shown.poured} onClick={() => bench.press("pour")}>
          {t("bench.scale.pour")}
        </button>
        <button type="button" className="pick" onClick={() => bench.press("wait")}>
          {t("bench.scale.wait")}
        </button>
      </div>
      <div className="bench-short">
        <button type="button" className="quiet" disabled={bench.actions.length > 0} onClick={() => bench.press(...ALL)}>
          {t("bench.scale.all")}
        </button>
        <button type="button" className="quiet" disabled={bench.actions.length === 0} onClick={bench.clear}>
          {t("bench.scale.clear")}
        </button>
      </div>
      <p className="bench-note" role="status">
        {shown.note}
      </p>
    </div>
  );
}
