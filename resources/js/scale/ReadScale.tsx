import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Capture, type Look } from "./capture";
import type { ScaleLink } from "./link";
import { SimulatedScale } from "./simulated";
import { hasWebHid, WebHidScale } from "./webhid";
import "../../css/scale.css";

export type Source = "typed" | "cable" | "simulated";
type Props = { step: number; onTake: (grams: string) => void };

/** Which ways to a scale this browser has; typing is always there. */
export const sources = (): Source[] => [
  ...(hasWebHid() ? (["cable"] as const) : []),
  ...(document.querySelector('meta[name="hovik-simulated-scale"]') ? (["simulated"] as const) : []),
];

/** Reads a scale: what it shows, whether it stands still, and the number taken when it does. */
export default function ReadScale({ source, step, onTake }: Props & { source: "cable" | "simulated" }) {
  const { t } = useTranslation();
  const [look, setLook] = useState<Look>({ report: null, take: null, says: "off" });
  const [lost, setLost] = useState(false);
  const [simulated, setSimulated] = useState<SimulatedScale>();
  const link = useRef<ScaleLink | undefined>(undefined);
  const capture = useRef(new Capture());

  const connect = async (mayAsk: boolean) => {
    setLost(false);
    const next = source === "cable" ? new WebHidScale() : new SimulatedScale({ step });
    try {
      await next.open((report) => setLook(capture.current.look(report)), mayAsk);
      link.current = next;
      if (next instanceof SimulatedScale) setSimulated(next);
    } catch {
      setLost(mayAsk);
    }
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: connects once; another source is another component
  useEffect(() => {
    void connect(false);
    return () => link.current?.close();
  }, []);

  const { report, take, says } = look;
  return (
    <div className="read-scale">
      <div className={`screen is-${says}`}>
        <output className="readout" aria-live={says === "moving" ? "off" : "polite"}>
          {report ? report.shown : "––"}
        </output>
        <span className="unit">{report?.unit ?? ""}</span>
      </div>
      <p className="scale-says" role="status">
        {lost ? t("scale.lost") : t(`scale.${says}`)}
      </p>
      {source === "cable" && !report && (
        <button type="button" className="btn btn-outline" onClick={() => connect(true)}>
          {t("scale.connect")}
        </button>
      )}
      <button
        type="button"
        className="btn btn-outline take"
        disabled={take === null}
        onClick={() => take !== null && onTake(String(take))}
      >
        {t("scale.take")}
      </button>
      {simulated && <Panel scale={simulated} />}
    </div>
  );
}

const LOADS = [-50, -10, -1, 1, 10, 50, 200];

/** The simulated scale's own keys, and what is put on it. */
function Panel({ scale }: { scale: SimulatedScale }) {
  const { t } = useTranslation();
  const [grams, setGrams] = useState("");
  return (
    <fieldset className="scale-panel">
      <legend>{t("scale.panel")}</legend>
      <div className="scale-keys">
        <button type="button" className="btn btn-outline" onClick={() => scale.power()}>
          {t("scale.power")}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => scale.tare()}>
          {t("scale.tareKey")}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => scale.nextUnit()}>
          {t("scale.unitKey")}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => scale.weaken()}>
          {t("scale.battery")}
        </button>
        {LOADS.map((load) => (
          <button key={load} type="button" className="btn btn-outline num" onClick={() => scale.put(load)}>
            {load > 0 ? `+${load}` : `−${-load}`}
          </button>
        ))}
      </div>
      <label>
        {t("scale.put")}
        <input
          inputMode="decimal"
          value={grams}
          onChange={(event) => setGrams(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== "Enter") return;
            event.preventDefault();
            scale.put(Number(grams.replace(",", ".")) || 0);
            setGrams("");
          }}
        />
      </label>
    </fieldset>
  );
}
