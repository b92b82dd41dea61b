import { type KeyboardEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useDay } from "../kit/useDay";
import ChangeRecipe from "./ChangeRecipe";
import DirectionSteps from "./DirectionSteps";
import MakeLab from "./MakeLab";
import Portion from "./Portion";
import RecipeLineRow from "./RecipeLineRow";
import RecipeNotes from "./RecipeNotes";
import { asking, type Sheet, type Wanted } from "./recipe";
import Scaler from "./Scaler";
import Settle from "./Settle";
import UndoHeading from "./UndoHeading";
import WhoseCups from "./WhoseCups";

type Props = {
  sheet: Sheet;
  wanted: Wanted;
  want: (wanted: Wanted) => void;
  isWorking: boolean;
  problem: string | undefined;
};

/** A recipe as written, as read, and at another size; what is left to settle stands beside it. */
export default function RecipePage({ sheet, wanted, want, isWorking, problem }: Props) {
  const { t } = useTranslation();
  const day = useDay();
  const [mending, setMending] = useState<string>();
  const [changing, setChanging] = useState(false);
  const hasFlour = sheet.lines.some((line) => line.scaled?.bakers_pct != null);
  const keys = (event: KeyboardEvent) => {
    if (event.key === "Escape") setMending(undefined);
  };
  const { numberOf } = asking(sheet);
  if (changing) return <ChangeRecipe sheet={sheet} done={() => setChanging(false)} />;
  return (
    <main className="sheet" onKeyDown={keys}>
      <div>
        <header className="sheet-head">
          <div>
            <h1>{sheet.title}</h1>
            <p className="soft">
              {sheet.makes && `${t("recipe.makes", { makes: sheet.makes })} · `}
              {t("recipe.for", { section: sheet.section.name })} · {t("prepare.version", { number: sheet.version })}
            </p>
          </div>
          <Scaler sheet={sheet} wanted={wanted} want={want} isWorking={isWorking} problem={problem} />
        </header>
        <table className="plan-t">
          <thead>
            <tr>
              <th scope="col" className="paper">
                {t("recipe.asWritten")}{" "}
                <span className="legend soft">
                  <span className="part-amount">{t("recipe.amount")}</span>{" "}
                  <span className="part-ingredient">{t("recipe.ingredient")}</span>{" "}
                  <span className="part-handling">{t("recipe.handling")}</span>{" "}
                  <span className="part-unread">{t("recipe.unread")}</span>
                </span>
              </th>
              <th scope="col">{t("recipe.measure")}</th>
              <th scope="col">{t("recipe.grams")}</th>
              {hasFlour && <th scope="col">{t("recipe.bakers")}</th>}
              <th scope="col">
                <span className="unseen">{t("recipe.mend")}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {sheet.lines.map((line) =>
              line.status === "heading" ? (
                <tr key={line.id} className="head-row">
                  <th scope="rowgroup" colSpan={hasFlour ? 5 : 4}>
                    {line.text}
                    {line.mended && <UndoHeading recipe={sheet.id} line={line} />}
                  </th>
                </tr>
              ) : (
                <RecipeLineRow
                  key={line.id}
                  recipe={sheet.id}
                  line={line}
                  number={numberOf(line)}
                  hasFlour={hasFlour}
                  mending={mending === line.id}
                  mend={(open) => setMending(open ? line.id : undefined)}
                />
              ),
            )}
          </tbody>
        </table>
        {sheet.directions.length > 0 && <DirectionSteps sheet={sheet} />}
      </div>
      <aside className="sheet-side">
        <Settle sheet={sheet} />
        <MakeLab sheet={sheet} />
        <RecipeNotes title={t("recipe.findings")} sentences={sheet.findings} />
        <RecipeNotes
          title={t("recipe.lastTime")}
          sentences={sheet.notes.map((one) => `${one.lab}, ${day(one.day, "short")}: ${one.text}`)}
        />
        <RecipeNotes title={t("recipe.cautions")} sentences={sheet.cautions} />
        <WhoseCups sheet={sheet} />
        <Portion section={sheet.section.id} />
        <section>
          <h2 className="h2rim">{t("recipe.versions")}</h2>
          <ol>
            {sheet.versions.map((version) => (
              <li key={version.number} className="note">
                {t("recipe.versionLine", { number: version.number, note: version.note ?? t("recipe.first") })}{" "}
                <span className="soft">{version.by}</span>
              </li>
            ))}
          </ol>
          <p className="flex flex-wrap items-center gap-2 pt-3">
            <button type="button" className="btn btn-outline" onClick={() => setChanging(true)}>
              {t("recipe.change")}
            </button>
            <a className="quiet grid items-center" href={`/api/recipes/${sheet.id}/json-ld`}>
              {t("recipe.export")}
            </a>
          </p>
        </section>
      </aside>
    </main>
  );
}
