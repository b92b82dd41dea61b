import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { useDay } from "../kit/useDay";
import CellSide from "./CellSide";
import HabitMark from "./HabitMark";
import ReteachList from "./ReteachList";
import ReviewTabs from "./ReviewTabs";
import TermGrid, { type Chosen, type Tries } from "./TermGrid";

/** A class over a term: how each student runs, by what is measured; what to teach first; the weigh-ins a tap away. */
export default function TermPage({ page }: { page: Schemas["ReviewPage"] }) {
  const { t } = useTranslation();
  const day = useDay();
  const [search, setSearch] = useSearchParams();
  const [tries, setTries] = useState<Tries>("first");
  const [chosen, setChosen] = useState<Chosen>();
  const filter = (name: string, value: string) =>
    setSearch((before) => {
      value ? before.set(name, value) : before.delete(name);
      return before;
    });
  const who = page.rows.find((row) => row.id === chosen?.student);
  const isEmpty = page.weighings === 0;
  return (
    <main className="review">
      <ReviewTabs />
      <header className="sheet-head">
        <div>
          <h1>{t("term2.title")}</h1>
          <p className="soft">
            {t("term2.under", { section: page.section })} {t("term2.weighings", { count: page.weighings })}
          </p>
        </div>
        <div className="review-filters">
          <label className="field">
            <span>{t("term2.lab")}</span>
            <select value={search.get("lab") ?? ""} onChange={(event) => filter("lab", event.target.value)}>
              <option value="">{t("term2.all")}</option>
              {page.labs.map((one) => (
                <option key={one.id} value={one.id}>{`${one.title}, ${day(one.day, "short")}`}</option>
              ))}
            </select>
          </label>
          <label className="field">
            <span>{t("term2.food")}</span>
            <select value={search.get("food") ?? ""} onChange={(event) => filter("food", event.target.value)}>
              <option value="">{t("term2.all")}</option>
              {page.foods.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
          <label className="field">
            <span>{t("term2.since")}</span>
            <input
              type="date"
              value={search.get("from") ?? ""}
              onChange={(event) => filter("from", event.target.value)}
            />
          </label>
          <fieldset className="segments">
            <legend className="sr-only">{t("term2.tries")}</legend>
            {(["first", "best"] as const).map((one) => (
              <button key={one} type="button" aria-pressed={tries === one} onClick={() => setTries(one)}>
                {t(`term2.${one}`)}
              </button>
            ))}
          </fieldset>
        </div>
      </header>
      {isEmpty ? (
        <p className="review-empty">{t(search.size > 0 ? "term2.nothingHere" : "term2.nothing")}</p>
      ) : (
        <div className="review-work">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls sideways is reached by keys */}
          <section className="term-scroll" aria-label={t("term2.caption")} tabIndex={0}>
            <TermGrid page={page} tries={tries} chosen={chosen} onChoose={setChosen} />
          </section>
          <aside className="review-side">
            {chosen && who && <CellSide section={page.section_id} chosen={chosen} name={who.name} />}
            <section>
              <h2 className="h2rim">{t("reteach.title")}</h2>
              <ReteachList section={page.section_id} reteach={page.reteach} />
            </section>
            <section>
              <h2 className="h2rim">{t("term2.how")}</h2>
              <ul className="term-key">
                {(["steady", "same-slip", "scattered", "two-camps"] as const).map((one) => (
                  <li key={one}>
                    <HabitMark habit={one} pct={1} />
                    {t(`term2.key.${one}`)}
                  </li>
                ))}
                <li>
                  <span className="soft">{t("term2.notYet")}</span>
                  {t("term2.key.not-yet")}
                </li>
              </ul>
              <p className="soft">{t("term2.off")}</p>
            </section>
          </aside>
        </div>
      )}
    </main>
  );
}
