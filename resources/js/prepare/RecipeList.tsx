import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/query";
import { useDay } from "../kit/useDay";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";

/** The kitchen's recipes. */
export default function RecipeList() {
  const { t } = useTranslation();
  const day = useDay();
  const recipes = $api.useQuery("get", "/api/recipes");
  return (
    <section>
      <h2 className="h2rim">{t("prepare.recipes")}</h2>
      {recipes.isPending && <Loading />}
      {recipes.isError && <ProblemNote error={recipes.error} retry={recipes.refetch} />}
      {recipes.data?.length === 0 && <p className="py-3">{t("prepare.noRecipes")}</p>}
      <ul>
        {recipes.data?.map((recipe) => (
          <li key={recipe.id}>
            <Link className="desk-row" to={`/recipes/${recipe.id}`}>
              <b>{recipe.title}</b>
              <span className="soft">
                {t("prepare.lines", { count: recipe.ingredients })}, {t("prepare.version", { number: recipe.version })},{" "}
                {t("prepare.changed", { day: day(recipe.changed_at) })}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
