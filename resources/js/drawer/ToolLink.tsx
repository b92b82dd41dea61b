import KitchenFraction from "../kit/KitchenFraction";
import type { Tool } from "./drawer";
import { useToolStates } from "./useToolStates";

type Props = { tool: Tool; open: (id: string) => void };

/** A tool by name, with what is to be known of it; opens it. */
export default function ToolLink({ tool, open }: Props) {
  const states = useToolStates(tool);
  return (
    <li className="note">
      <button type="button" className="quiet running !px-0 underline" onClick={() => open(`tool-${tool.id}`)}>
        <KitchenFraction>{tool.name}</KitchenFraction>
      </button>{" "}
      <span className="soft">{states.join(" · ")}</span>
    </li>
  );
}
