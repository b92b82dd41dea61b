import { useCallback, useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Capture, type Look } from "./capture";
import type { ScaleLink } from "./link";
import { SimulatedScale } from "./simulated";
import { WebHidScale } from "./webhid";
import "../../css/scale.css";
import SimulatedPanel from "./SimulatedPanel";

type Props = { step: number; onTake: (grams: string, bytes: string) => void };

/** Reads a scale: what it shows, whether it stands still, and the number taken when it does. */
export default function ReadScale({ source, step, onTake }: Props & { source: "cable" | "simulated" }) {
  const { t } = useTranslation();
  const [look, setLook] = useState<Look>({ report: null, take: null, says: "off" });
  const [lost, setLost] = useState(false);
  const [simulated, setSimulated] = useState<SimulatedScale>();
  const link = useRef<ScaleLink | undefined>(undefined);
  const capture = useRef(new Capture());

  const connect = useCallback(
    async (mayAsk: boolean) => {
      setLost(false);
      link.current?.close();
      const next = source === "cable" ? new WebHidScale() : new SimulatedScale({ step });
      try {
        await next.open((report) => setLook(capture.current.look(report)), mayAsk);
        link.current = next;
        if (next instanceof SimulatedScale) setSimulated(next);
      } catch {
        setLost(mayAsk);
      }
    },
    [source, step],
  );
  // Another source, or a scale of another step, is connected anew.
  useEffect(() => {
    void connect(false);
    return () => link.current?.close();
  }, [connect]);

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
        onClick={() => take !== null && report && onTake(String(take), report.bytes)}
      >
        {t("scale.take")}
      </button>
      {simulated && <SimulatedPanel scale={simulated} />}
    </div>
  );
}
