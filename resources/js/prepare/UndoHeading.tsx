import { useTranslation } from "react-i18next";
import { type SheetLine, useSettle } from "./recipe";

/** What the teacher called a heading, back to how it is read. */
export default function UndoHeading({ recipe, line }: { recipe: number; line: SheetLine }) {
  const { t } = useTranslation();
  const settling = useSettle(recipe);
  return (
    <button
      type="button"
      className="quiet"
      aria-label={`${t("recipe.undo")}: ${line.text}`}
      onClick={() => settling.settle(line.id, { as: "read" })}
    >
      {t("recipe.undo")}
    </button>
  );
}
