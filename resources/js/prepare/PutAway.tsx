import { useTranslation } from "react-i18next";
import { $api, useRefresh, useSend } from "../api/query";
import { useDay } from "../kit/useDay";

/** Recipes and labs that were put away, and the way back. */
export default function PutAway() {
  const { t } = useTranslation();
  const day = useDay();
  const refresh = useRefresh();
  const away = $api.useQuery("get", "/api/put-away");
  const back = {
    onSuccess: () => refresh.of("/api/put-away", "/api/recipes", "/api/today", "/api/term", "/api/search"),
  };
  const bringRecipe = useSend("delete", "/api/recipes/{recipe}/archive", back);
  const bringLab = useSend("delete", "/api/labs/{lab}/archive", back);
  if (!away.data || away.data.recipes.length + away.data.labs.length === 0) return null;
  const row = (key: string, title: string, what: string, bring: () => void) => (
    <li key={key} className="desk-row">
      <span>
        <b>{title}</b> <span className="soft">{what}</span>
      </span>
      <button
        type="button"
        className="btn btn-outline min-h-11"
        aria-label={t("prepare.bringBackOf", { name: title })}
        onClick={bring}
      >
        {t("prepare.bringBack")}
      </button>
    </li>
  );
  return (
    <details className="put-away">
      <summary className="h2rim">
        {t("prepare.putAway", { count: away.data.recipes.length + away.data.labs.length })}
      </summary>
      <ul>
        {away.data.recipes.map((one) =>
          row(`r${one.id}`, one.title, t("prepare.recipeAway", { day: day(one.archived_at) }), () =>
            bringRecipe.send({ params: { path: { recipe: one.id } } }),
          ),
        )}
        {away.data.labs.map((one) =>
          row(`l${one.id}`, one.title, t("prepare.labAway", { section: one.section, day: day(one.archived_at) }), () =>
            bringLab.send({ params: { path: { lab: one.id } } }),
          ),
        )}
      </ul>
    </details>
  );
}
