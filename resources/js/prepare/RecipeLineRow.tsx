import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import { useFocusKept } from "../kit/useFocusKept";
import TechniqueLink from "../technique/TechniqueLink";
import Mend from "./Mend";
import type { SheetLine } from "./recipe";
import WrittenLine from "./WrittenLine";

type RowProps = {
  recipe: number;
  line: SheetLine;
  /** of its question at the side; 0: nothing is asked of it */
  number: number;

  hasFlour: boolean;
  mending: boolean;
  mend: (open: boolean) => void;
};

/** A line as written, as read, and at this size. */
export default function RecipeLineRow({ recipe, line, number, hasFlour, mending, mend }: RowProps) {
  const opener = useFocusKept<HTMLButtonElement>(mending ? 1 : 0);
  const { t, i18n } = useTranslation();
  const { scaled } = line;
  const grams = (number: number, decimals: number) => shown(number, decimals, i18n.language);
  const reading = line.skip
    ? t("recipe.leftOut")
    : line.mended
      ? `${t("recipe.mended")}: ${line.reads_as}`
      : line.reads_as
        ? t("recipe.readAs", { name: line.reads_as })
        : line.questions[0]?.text;
  return (
    <>
      <tr className={line.open ? "open" : line.skip ? "skipped" : ""}>
        <td className="paper">
          <WrittenLine line={line} />
          <span className="soft block text-[0.8125rem]">
            {reading}
            {scaled && line.family && !line.skip && (
              <>
                , <TechniqueLink family={line.family}>{scaled.handling}</TechniqueLink>
              </>
            )}
          </span>
        </td>
        <td>
          {scaled && (
            <>
              <span className="amt running">
                <KitchenFraction>{scaled.measure}</KitchenFraction>
              </span>
              {!scaled.measurable && !scaled.beaten_g && (
                <span className="soft block text-[0.8125rem]">{t("recipe.nearest")}</span>
              )}
              {scaled.beaten_g && (
                <span className="soft block text-[0.8125rem]">
                  {t("recipe.beaten", { grams: grams(scaled.beaten_g, 0) })}
                </span>
              )}
            </>
          )}
        </td>
        <td>
          {line.own_grams && <span className="soft block text-[0.8125rem]">{line.own_grams.says}</span>}
          {scaled && (
            <details className="how">
              <summary className="amt num">{grams(scaled.grams, scaled.decimals)} g</summary>
              <ul className="running">
                {scaled.working.map((sentence) => (
                  <li key={sentence}>
                    <KitchenFraction>{sentence}</KitchenFraction>
                  </li>
                ))}
                {scaled.rounding_loss_g >= 0.05 && (
                  <li>
                    {t("recipe.loss", { grams: grams(scaled.rounding_loss_g, scaled.rounding_loss_g < 10 ? 1 : 0) })}
                  </li>
                )}
                {scaled.source && <li className="soft">{scaled.source}</li>}
              </ul>
            </details>
          )}
        </td>
        {hasFlour && (
          <td className="num">{scaled?.bakers_pct != null && `${shown(scaled.bakers_pct, 0, i18n.language)}%`}</td>
        )}
        <td className="text-right">
          {number > 0 && (
            <a
              className="ask-no num"
              href={`#settle-${line.id}`}
              aria-label={t("recipe.toQuestion", { text: line.text })}
            >
              {number}
            </a>
          )}
          <button
            ref={opener}
            type="button"
            className="quiet"
            aria-expanded={mending}
            aria-label={t("recipe.mendLine", { text: line.text })}
            onClick={() => mend(!mending)}
          >
            {t("recipe.mend")}
          </button>
        </td>
      </tr>
      {mending && (
        <tr className="mend-row">
          <td colSpan={hasFlour ? 5 : 4}>
            <Mend recipe={recipe} line={line} done={() => mend(false)} />
          </td>
        </tr>
      )}
    </>
  );
}
