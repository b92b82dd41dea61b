import ToolRow from "../kit/ToolRow";
import type { Choice } from "./practice";

/** A choice's tool, where it is one. */
export default function DrawnChoice({ of: { tool } }: { of: Choice }) {
  return tool && <ToolRow k={11} label="" fills={[{ ...tool, count: 1 }]} />;
}
