import "../../css/prepare.css";
import { type KeyboardEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useParams } from "react-router";
import { asProblem } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import { useFocusKept } from "../kit/useFocusKept";
import TechniqueLink from "../technique/TechniqueLink";
import ChangeRecipe from "./ChangeRecipe";
import MakeLab from "./MakeLab";
import Mend from "./Mend";
import Portion from "./Portion";
import { type Sheet, type SheetLine, useSettle, useSheet, type Wanted } from "./recipe";
import Scaler from "./Scaler";
import WrittenLine from "./WrittenLine";

export default function RecipeScreen() {
  const { recipe = "" } = useParams();
  const [wanted, setWanted] = useState<Wanted>({ factor: "1" });
  const sheet = useSheet(Number(recipe), wanted);
  if (sheet.data) {
    return (
      <RecipePage
        sheet={sheet.data}
        wanted={wanted}
        want={setWanted}
        problem={sheet.isError ? asProblem(sheet.error).message : undefined}
      />
    );
  }
  if (sheet.isPending) return <Loading />;
  return <ProblemNote error={sheet.error} retry={() => setWanted({ factor: "1" })} />;
}

type Props = { sheet: Sheet; wanted: Wanted; want: (wanted: Wanted) => void; problem: string | undefined };

/** A recipe as written, as read, and at another size; what is left to settle stands beside it. */
function RecipePage({ sheet, wanted, want, problem }: Props) {
  const { t } = useTranslation();
  const [mending, setMending] = useState<number>();
  const [changing, setChanging] = useState(false);
  const hasFlour = sheet.lines.some((line) => line.scaled?.bakers_pct != null);
  const keys = (event: KeyboardEvent) => {
    if (event.key === "Escape") setMending(undefined);
  };
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
          <Scaler sheet={sheet} wanted={wanted} want={want} problem={problem} />
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
                <tr key={line.index} className="head-row">
                  <th scope="rowgroup" colSpan={hasFlour ? 5 : 4}>
                    {line.text}
                  </th>
                </tr>
              ) : (
                <LineRow
                  key={line.index}
                  recipe={sheet.id}
                  line={line}
                  hasFlour={hasFlour}
                  mending={mending === line.index}
                  mend={(open) => setMending(open ? line.index : undefined)}
                />
              ),
            )}
          </tbody>
        </table>
        {sheet.directions.length > 0 && (
          <section className="pt-8">
            <h2 className="h2rim">{t("recipe.directions")}</h2>
            <ol className="directions">
              {sheet.directions.map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
          </section>
        )}
      </div>
      <aside className="sheet-side">
        <Settle sheet={sheet} />
        <Notes title={t("recipe.findings")} sentences={sheet.findings} />
        <Notes title={t("recipe.cautions")} sentences={sheet.cautions} />
        <MakeLab sheet={sheet} />
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

function Notes({ title, sentences }: { title: string; sentences: string[] }) {
  if (sentences.length === 0) return null;
  return (
    <section>
      <h2 className="h2rim">{title}</h2>
      <ul>
        {sentences.map((sentence) => (
          <li key={sentence} className="note">
            {sentence}
          </li>
        ))}
      </ul>
    </section>
  );
}

type RowProps = { recipe: number; line: SheetLine; hasFlour: boolean; mending: boolean; mend: (open: boolean) => void };

function LineRow({ recipe, line, hasFlour, mending, mend }: RowProps) {
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

/** The questions that lines leave open; most are answered by one tap. */
function Settle({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const asked = sheet.lines.filter((line) => line.questions.length > 0);
  const must = asked.filter((line) => line.open);
  const may = asked.filter((line) => !line.open);
  const heading = useFocusKept<HTMLHeadingElement>(asked.length);
  return (
    <section>
      <h2 ref={heading} tabIndex={-1} className="h2rim">
        {t("recipe.settle")}
      </h2>
      {sheet.open > 0 ? (
        <p className="note">
          <b>{t("recipe.open", { count: sheet.open })}</b>
        </p>
      ) : (
        <p className="note">{t("recipe.settled")}</p>
      )}
      {must.map((line) => (
        <Question key={line.index} recipe={sheet.id} line={line} />
      ))}
      {may.length > 0 && <h3 className="side-h pt-4">{t("recipe.worth")}</h3>}
      {may.map((line) => (
        <Question key={line.index} recipe={sheet.id} line={line} />
      ))}
    </section>
  );
}

function Question({ recipe, line }: { recipe: number; line: SheetLine }) {
  const { t, i18n } = useTranslation();
  const settling = useSettle(recipe);
  return (
    <div className={`settle ${line.open ? "open" : ""}`}>
      <h4 className="running">
        <KitchenFraction>{line.text}</KitchenFraction>
      </h4>
      {line.questions.map((question) => (
        <p key={question.id} className="running">
          <KitchenFraction>{question.text}</KitchenFraction>
        </p>
      ))}
      {line.choices.map((choice) => (
        <button
          key={choice.label}
          type="button"
          className="opt running"
          onClick={() => settling.mutate({ index: line.index, answer: { as: "settled", ...choice.settled } })}
        >
          <span>
            <KitchenFraction>{choice.label}</KitchenFraction>
          </span>
          {choice.grams !== null && <b className="num">{shown(choice.grams, choice.decimals, i18n.language)} g</b>}
        </button>
      ))}
      {line.open && line.choices.length === 0 && (
        <button
          type="button"
          className="opt"
          onClick={() => settling.mutate({ index: line.index, answer: { as: "left-out" } })}
        >
          {t("recipe.leaveOut")}
        </button>
      )}
      <FieldProblem>{settling.isError ? asProblem(settling.error).message : undefined}</FieldProblem>
    </div>
  );
}
