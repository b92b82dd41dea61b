import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import type { Sheet } from "./recipe";

const STANDARDS = ["us_customary", "us_label_240", "metric_250", "au"] as const;

/** Whose cups a recipe is written in, where they are not the class's own. */
export default function WhoseCups({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const keeping = useSend("put", "/api/recipes/{recipe}/standard", {
    onSuccess: () => refresh.of("/api/recipes/{recipe}"),
  });
  return (
    <label className="field pt-4">
      <span>{t("recipe.whoseCups")}</span>
      <select
        value={sheet.recipe_standard ?? ""}
        onChange={(event) =>
          keeping.send({
            params: { path: { recipe: sheet.id } },
            body: { standard: (event.target.value || null) as (typeof STANDARDS)[number] | null },
          })
        }
      >
        <option value="">{t("recipe.classCups", { standard: t(`standard.${sheet.standard}`) })}</option>
        {STANDARDS.map((one) => (
          <option key={one} value={one}>
            {t(`standard.${one}`)}
          </option>
        ))}
      </select>
      <FieldProblem>{keeping.says}</FieldProblem>
    </label>
  );
}
