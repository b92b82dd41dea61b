import KitchenFraction from "../kit/KitchenFraction";
import type { SheetLine } from "./recipe";

/** A line as written, each part marked by how it was understood: amount, ingredient, handling, not read. */
export default function WrittenLine({ line }: { line: SheetLine }) {
  let at = 0;
  return (
    <span className="written running">
      {line.parts.map((part) => {
        at += part.text.length;
        return (
          <span key={at} className={`part-${part.part}`}>
            <KitchenFraction>{part.text}</KitchenFraction>
          </span>
        );
      })}
    </span>
  );
}
