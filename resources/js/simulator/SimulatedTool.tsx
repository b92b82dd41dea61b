import { useTranslation } from "react-i18next";
import SimulatedCup from "./SimulatedCup";
import SimulatedJug from "./SimulatedJug";
import type { Fill } from "./toolDrawing";
import type { Hands, Shown } from "./useSimulator";

/** The tool in section with what is in it: a mound, a dish, a packed block, or a jug and the eye that reads it. */
export default function SimulatedTool({ fills, hands, shown }: { fills: Fill[]; hands: Hands; shown: Shown }) {
  const { t } = useTranslation();
  const [fill] = fills;
  if (!fill) return null;
  const times = fills.reduce((all, one) => all + one.count, 0);
  const isJug = fill.kind.endsWith("liquid-measure") && fill.to_mark !== null;
  return (
    <figure className="bench-tool">
      <svg viewBox="0 0 400 262" fill="none" role="img" aria-label={t("bench.drawn", { tool: fill.called })}>
        {isJug ? <SimulatedJug fill={fill} hands={hands} shown={shown} /> : <SimulatedCup fill={fill} hands={hands} />}
      </svg>
      <figcaption>
        {fill.called}
        {isJug && fill.to_mark ? ` · ${fill.to_mark}` : ""}
        {times > 1 && <span className="soft"> {t("bench.each", { count: times })}</span>}
      </figcaption>
    </figure>
  );
}
