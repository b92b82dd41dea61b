import { useTranslation } from "react-i18next";
import ToolRow from "../kit/ToolRow";
import { type Draft, drawn, fillOf, type ToolToCheck } from "./checks";
import FillSteps from "./FillSteps";

type Props = { tool: ToolToCheck; draft: Draft; change: (change: Partial<Draft>) => void };

/** The inspection card: what is looked at before a tool is filled, and how it is filled. */
export default function FillTool({ tool, draft, change }: Props) {
  const { t } = useTranslation();
  const fill = fillOf(tool, draft.mark);
  if (!fill) return null;
  const turn = (id: Draft["faults"][number]) =>
    change({
      faults: draft.faults.includes(id) ? draft.faults.filter((one) => one !== id) : [...draft.faults, id],
    });
  return (
    <main className="w-fill">
      <section>
        <h1 className="h2rim">{t("water.look")}</h1>
        <ul>
          {tool.points.map((point) => {
            const isBad = draft.faults.includes(point.id);
            return (
              <li key={point.id}>
                <button type="button" className="w-point" aria-pressed={isBad} onClick={() => turn(point.id)}>
                  <span aria-hidden="true" className="w-mark">
                    {isBad ? "×" : "✓"}
                  </span>
                  <span>{isBad ? point.bad : point.good}</span>
                  <small>{t(isBad ? "water.isBad" : "water.tapIfNot")}</small>
                </button>
              </li>
            );
          })}
        </ul>
      </section>
      <section>
        <h2 className="h2rim">{t("water.howTo")}</h2>
        <ToolRow fills={[drawn(tool, fill.to === "line" ? fill.ml : null)]} label="" k={20} />
        <FillSteps tool={tool} fill={fill} fromZero />
      </section>
    </main>
  );
}
