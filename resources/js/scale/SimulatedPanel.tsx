import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { SimulatedScale } from "./simulated";

const LOADS = [-50, -10, -1, 1, 10, 50, 200];

/** The simulated scale's own keys, and what is put on it. */
export default function SimulatedPanel({ scale }: { scale: SimulatedScale }) {
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
