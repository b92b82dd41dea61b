import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import type { SheetLine } from "./recipe";

/** Several lines that were not read at all: headings, or of no use, said in one go. */
export default function UnreadLines({ recipe, lines }: { recipe: number; lines: SheetLine[] }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const [kept, setKept] = useState<string[]>([]);
  const settling = useSend("post", "/api/recipes/{recipe}/lines", {
    onSuccess: () => refresh.of("/api/recipes/{recipe}"),
  });
  const chosen = lines.filter((line) => !kept.includes(line.id)).map((line) => line.id);
  const settle = (as: "heading" | "left-out") =>
    settling.send({ params: { path: { recipe } }, body: { as, lines: chosen } });
  return (
    <fieldset className="settle open" aria-labelledby="several-unread">
      <h4 id="several-unread">{t("recipe.severalUnread", { count: lines.length })}</h4>
      {lines.map((line) => (
        <label key={line.id} className="flex min-h-10 items-center gap-3">
          <input
            type="checkbox"
            className="size-5"
            checked={!kept.includes(line.id)}
            onChange={() =>
              setKept(kept.includes(line.id) ? kept.filter((each) => each !== line.id) : [...kept, line.id])
            }
          />
          {line.text}
        </label>
      ))}
      <p className="flex flex-wrap gap-2 pt-2">
        <button
          type="button"
          className="btn btn-outline"
          disabled={chosen.length === 0}
          onClick={() => settle("heading")}
        >
          {t("recipe.areHeadings")}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          disabled={chosen.length === 0}
          onClick={() => settle("left-out")}
        >
          {t("recipe.leaveThese")}
        </button>
      </p>
      <FieldProblem>{settling.says}</FieldProblem>
    </fieldset>
  );
}
