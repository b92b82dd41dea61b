import { useState } from "react";
import { useTranslation } from "react-i18next";
import { asProblem } from "../api/client";
import FieldProblem from "../kit/FieldProblem";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import "../../css/bench.css";
import Choices from "./Choices";
import ManyTimes from "./ManyTimes";
import Once from "./Once";
import SimulatedTool from "./SimulatedTool";
import SimulatorScale from "./SimulatorScale";
import { useBench } from "./useSimulator";

/** The simulator: measure a food in any way, by a class's cup, without using any up, and see what it weighs. */
export default function SimulatorScreen({ section }: { section?: number | undefined }) {
  const { t } = useTranslation();
  const bench = useBench(section);
  const [mode, setMode] = useState<"once" | "many">("once");
  const { options, scale } = bench;
  if (options.isPending) return <Loading />;
  if (!options.data) return <ProblemNote error={options.error} retry={options.refetch} />;
  const problem = options.isError ? asProblem(options.error) : undefined;
  const plan = options.data.plans.find((one) => one.index === bench.setup.plan) ?? options.data.plans[0];

  return (
    <div className="bench-grid">
      <Choices bench={bench} options={options.data} />
      <section className="bench-table" aria-label={t("bench.table")}>
        {problem && <FieldProblem>{Object.values(problem.fields)[0]?.[0] ?? problem.message}</FieldProblem>}
        {plan && scale.data && <SimulatedTool fills={plan.fills} hands={bench.hands} shown={scale.data} />}
        {scale.data && <SimulatorScale bench={bench} shown={scale.data} />}
      </section>
      <section className="bench-out">
        <div className="bench-modes">
          {(["once", "many"] as const).map((one) => (
            <button key={one} type="button" className="name" aria-pressed={mode === one} onClick={() => setMode(one)}>
              {t(`bench.${one}`)}
            </button>
          ))}
        </div>
        {mode === "once" ? <Once bench={bench} /> : <ManyTimes bench={bench} options={options.data} />}
      </section>
    </div>
  );
}
