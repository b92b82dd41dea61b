import { useTranslation } from "react-i18next";
import type { Tool } from "./drawer";

/** What is to be known of a tool beside how many there are, a few words each: its place in the sets, retired ones, lines nobody can read. */
export function useToolStates(tool: Tool): string[] {
  const { t } = useTranslation();
  const worn = tool.marks.filter((mark) => mark.worn).map((mark) => mark.text);
  return [
    tool.in_set > 0 && t("drawer.isInSet", { count: tool.in_set }),
    tool.retired > 0 && t("drawer.isRetired", { count: tool.retired }),
    worn.length > 0 && t("drawer.isWorn", { marks: worn.join(", ") }),
  ].filter((said): said is string => said !== false);
}
