import { useTranslation } from "react-i18next";
import type { Body } from "../api/query";
import type { Drawer } from "./drawer";

type Kept = Body<"put", "/api/drawer/tools/{id}">;
type Props = { tool: Drawer["tools"][number]; keep: (more: Partial<Kept>) => void };

/** Whether every station has it in a set of its own, how many are retired, and which marks cannot be read any more. */
export default function ToolState({ tool, keep }: Props) {
  const { t } = useTranslation();
  const worn = tool.marks.filter((mark) => mark.worn).map((mark) => mark.text);
  const numbers = [
    ["in_set", tool.in_set, 9],
    ["retired", tool.retired, tool.count],
  ] as const;
  const said = [
    tool.in_set > 0 && t("drawer.isInSet", { count: tool.in_set }),
    tool.retired > 0 && t("drawer.isRetired", { count: tool.retired }),
    worn.length > 0 && t("drawer.isWorn", { marks: worn.join(", ") }),
  ].filter(Boolean);
  return (
    <details className="tool-state">
      <summary>
        {said.length > 0 ? said.join(" · ") : t(tool.marks.length > 0 ? "drawer.state" : "drawer.stateShort")}
      </summary>
      {numbers.map(([what, number, most]) => (
        <label key={what} className="field">
          <span>{t(`drawer.${what}`)}</span>
          <input
            type="number"
            min={0}
            max={most}
            value={number}
            onChange={(event) => keep({ [what]: Math.min(most, Math.max(0, Number(event.target.value) || 0)) })}
          />
        </label>
      ))}
      {tool.marks.length > 0 && (
        <fieldset className="choices">
          <legend className="label">{t("drawer.worn")}</legend>
          {tool.marks.map((mark) => (
            <button
              key={mark.text}
              type="button"
              className="name"
              aria-pressed={mark.worn}
              onClick={() => keep({ worn: mark.worn ? worn.filter((one) => one !== mark.text) : [...worn, mark.text] })}
            >
              {mark.text}
            </button>
          ))}
        </fieldset>
      )}
    </details>
  );
}
