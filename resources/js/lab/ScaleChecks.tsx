import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import client, { asProblem, body } from "../api/client";
import FieldProblem from "../kit/FieldProblem";
import { Tick, Wrong } from "../kit/icons";
import type { Board } from "./board";

/** Each scale against a known weight, before anybody trusts it. */
export default function ScaleChecks({ board }: { board: Board }) {
  const { t } = useTranslation();
  const open = board.scales.filter((scale) => !scale.passed);
  return (
    <section>
      <h3 className="side-h">{t("board.scales")}</h3>
      {open.length > 0 && <p className="soft">{t("board.scalesHint")}</p>}
      <ul>
        {board.scales.map((scale) => (
          <li key={scale.id} className="scale-check">
            <b>{scale.name}</b>
            {scale.passed ? (
              <span className="flex items-center gap-1">
                <Tick size={18} /> {t("board.scalePassed")}
              </span>
            ) : (
              <Check lab={board.lab.id} scale={scale.id} failed={scale.checked} />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Check({ lab, scale, failed }: { lab: number; scale: number; failed: boolean }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [nominal, setNominal] = useState("200");
  const [reading, setReading] = useState("");
  const [problem, setProblem] = useState<string>();
  const check = async (event: FormEvent) => {
    event.preventDefault();
    setProblem(undefined);
    try {
      await body(
        client.POST("/api/labs/{lab}/scale-checks", {
          params: { path: { lab } },
          body: { scale_id: scale, nominal_g: nominal, reading_g: reading },
        }),
      );
    } catch (error) {
      const said = asProblem(error);
      setProblem(Object.values(said.fields)[0]?.[0] ?? said.message);
    }
    await queries.invalidateQueries({ queryKey: ["board", String(lab)] });
  };
  return (
    <form onSubmit={check}>
      {failed && (
        <span className="flex items-center gap-1 font-semibold">
          <Wrong size={18} /> {t("board.scaleFailed")}
        </span>
      )}
      <label>
        {t("board.nominal")}
        <input inputMode="decimal" value={nominal} onChange={(event) => setNominal(event.target.value)} />
      </label>
      <label>
        {t("board.reading")}
        <input inputMode="decimal" value={reading} onChange={(event) => setReading(event.target.value)} />
      </label>
      <button type="submit" className="btn btn-outline" disabled={reading === ""}>
        {t("board.scaleCheck")}
      </button>
      <FieldProblem>{problem}</FieldProblem>
    </form>
  );
}
