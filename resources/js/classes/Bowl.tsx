import { useState } from "react";
import { useTranslation } from "react-i18next";
import client, { asProblem } from "../api/client";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassChange } from "./ClassScreen";

/** What a station's bowl weighs: then 'not tared' is told from everything else. Kept when the field is left. */
export default function Bowl({ one, station }: { one: Class; station: Class["stations"][number] }) {
  const { t } = useTranslation();
  const change = useClassChange(one.id);
  const [grams, setGrams] = useState(station.bowl_g === null ? "" : String(station.bowl_g));
  const problem = change.isError ? asProblem(change.error) : undefined;
  const keep = () => {
    const typed = grams.trim().replace(",", ".");
    if (typed === (station.bowl_g === null ? "" : String(station.bowl_g))) return;
    // What is no number goes as it is: the server says so beside the field.
    const bowl = typed === "" ? null : Number.isNaN(Number(typed)) ? (typed as unknown as number) : Number(typed);
    change.mutate(() =>
      client.PUT("/api/sections/{section}/stations/{station}", {
        params: { path: { section: one.id, station: station.id } },
        body: { name: station.name, bowl_g: bowl },
      }),
    );
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
          aria-invalid={problem !== undefined}
          onChange={(event) => setGrams(event.target.value)}
          onBlur={keep}
        />
      </label>
      <FieldProblem>{problem && (problem.fields.bowl_g?.[0] ?? problem.message)}</FieldProblem>
    </>
  );
}
