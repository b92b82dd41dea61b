import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import ToolRow from "../kit/ToolRow";
import type { Tool } from "./drawer";
import { useToolStates } from "./useToolStates";

type Props = { tool: Tool; id: string; isOpen: boolean; tap: () => void };

/** px a cm: what hangs beside each other is drawn to one scale. */
const K = 6.5;

/** One kind of tool as it hangs there: how many, where, and what is the matter with it. Its rim is dotted where there is none. */
export default function ToolOnRim({ tool, id, isOpen, tap }: Props) {
  const { t } = useTranslation();
  const states = useToolStates(tool);
  const nominal = tool.kind === "dry-cup" ? tool.nominal : "";
  return (
    <li>
      <button
        type="button"
        id={id}
        className={`hung-one ${tool.count === 0 ? "is-none" : ""}`}
        aria-expanded={isOpen}
        onClick={tap}
      >
        <ToolRow fills={[{ kind: tool.kind, ml: tool.ml, count: 1, nominal, mark_ml: null }]} label="" k={K} isHung />
        <b>
          <KitchenFraction>{tool.name}</KitchenFraction>
        </b>
        <span className="hung-count num">{tool.count === 0 ? t("drawer.none") : `× ${tool.count}`}</span>
        {tool.place && <span className="soft">{tool.place}</span>}
        {states.map((state) => (
          <span key={state} className="hung-state">
            {state}
          </span>
        ))}
      </button>
    </li>
  );
}
