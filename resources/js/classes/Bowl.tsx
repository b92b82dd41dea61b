import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassRefresh } from "./class";

/** What a station's bowl weighs: then 'not tared' is told from everything else. Kept when the field is left. */
export default function Bowl({ section, station }: { section: number; station: Class["stations"][number] }) {
  const { t } = useTranslation();
  const keeping = useSend("put", "/api/sections/{section}/stations/{station}", useClassRefresh());
  const stored = station.bowl_g === null ? "" : String(station.bowl_g);
  const [grams, setGrams] = useState(stored);
  const keep = () => {
    const typed = grams.trim().replace(",", ".");
    if (typed === stored) return;
    keeping.send({
      params: { path: { section, station: station.id } },
      body: { name: station.name, bowl_g: typed || null },
    });
  };
  return (
    <>
      <label className="bowl">
        {t("class.bowl")}
        <input
          value={grams}
          inputMode="decimal"
          maxLength={8}
          aria-label={t("class.bowlOf", { name: station.name })}
          aria-invalid={keeping.problem !== undefined}
          onChange={(event) => setGrams(event.target.value)}
          onBlur={keep}
        />
      </label>
      <FieldProblem>{keeping.says}</FieldProblem>
    </>
  );
}
