import { useTranslation } from "react-i18next";
import { Link, useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import { useDay } from "../kit/useDay";
import MissRow from "./MissRow";

/** Of each kind, the largest; the rest a tap away. */
const SHOWN = 5;

export type Page = Schemas["MissPage"];

/** Who makes the miss: sentences first, then each bag, tool, scale and hand on one line of grams, with its doubt. */
export default function MissPage({ page }: { page: Page }) {
  const { t, i18n } = useTranslation();
  const day = useDay();
  const [, setSearch] = useSearchParams();
  const most = Math.max(...page.effects.map((one) => Math.max(Math.abs(one.low_g), Math.abs(one.high_g))), 1);
  const groups = ["bag", "tool", "scale", "student"] as const;
  const row = (one: Page["effects"][number]) => (
    <MissRow key={`${one.name} ${one.family ?? ""}`} effect={one} most={most} />
  );
  const of = (group: (typeof groups)[number]) => page.effects.filter((one) => one.of[0] === group);
  return (
    <main className="sheet misses">
      <div>
        <header className="sheet-head">
          <h1>{t("misses.title")}</h1>
          <p className="soft">
            {t("misses.under", { section: page.section, count: page.n })}
            {page.odd > 0 && `, ${t("misses.odd", { count: page.odd })}`}
          </p>
        </header>
        <div className="misses-of">
          <label className="field">
            <span>{t("misses.of")}</span>
            <select
              value={page.lab_id ? `lab ${page.lab_id}` : page.food ? `food ${page.food}` : ""}
              onChange={(event) => {
                const [kind, id] = event.target.value.split(" ");
                setSearch(kind === "" ? {} : { [String(kind)]: String(id) });
              }}
            >
              <option value="">{t("misses.term")}</option>
              <optgroup label={t("misses.labs")}>
                {page.labs.map((one) => (
                  <option key={one.id} value={`lab ${one.id}`}>
                    {`${one.title}, ${day(one.day, "short")}`}
                  </option>
                ))}
              </optgroup>
              <optgroup label={t("misses.foods")}>
                {page.foods.map((one) => (
                  <option key={one.id} value={`food ${one.id}`}>
                    {one.name}
                  </option>
                ))}
              </optgroup>
            </select>
          </label>
        </div>
        {page.why ? (
          <p className="misses-why">{page.why}</p>
        ) : (
          <ul className="misses-said">
            {page.said.map((one) => (
              <li key={one}>
                <KitchenFraction>{one}</KitchenFraction>
              </li>
            ))}
          </ul>
        )}
        {groups.map((group) => {
          const rows = of(group);
          if (rows.length === 0) return null;
          return (
            <section key={group}>
              <h2 className="h2rim">{t(`misses.group.${group}`)}</h2>
              <ul className="misses-rows">{rows.slice(0, SHOWN).map(row)}</ul>
              {rows.length > SHOWN && (
                <details>
                  <summary className="misses-more">{t("misses.more", { count: rows.length - SHOWN })}</summary>
                  <ul className="misses-rows">{rows.slice(SHOWN).map(row)}</ul>
                </details>
              )}
            </section>
          );
        })}
      </div>
      <aside className="sheet-side">
        <section>
          <h2 className="h2rim">{t("misses.spread")}</h2>
          <ul className="misses-spread">
            {page.spread.map((one) => (
              <li key={one.of.join()}>
                <span>{one.of.map((source) => t(`misses.source.${source}`)).join(" + ")}</span>
                <svg viewBox="0 0 100 14" width="100%" height={14} preserveAspectRatio="none" aria-hidden="true">
                  <rect width={one.pct} height={14} fill="currentColor" />
                </svg>
                <b className="num">{shown(one.pct, 0, i18n.language)}%</b>
              </li>
            ))}
          </ul>
          {page.spread.length === 0 && <p className="soft">{t("misses.noSpread")}</p>}
        </section>
        <section>
          <h2 className="h2rim">{t("misses.next")}</h2>
          <p className="grid gap-2 justify-items-start">
            <Link className="btn btn-outline min-h-11" to="/drawer/check">
              {t("misses.checkTool")}
            </Link>
            {(page.food ?? page.foods[0]?.id) && (
              <Link className="btn btn-outline min-h-11" to={`/pantry/${page.food ?? page.foods[0]?.id}/standard`}>
                {t("misses.weighOwn")}
              </Link>
            )}
            <Link className="btn btn-outline min-h-11" to="/practise">
              {t("misses.practise")}
            </Link>
          </p>
        </section>
        <p className="soft">{t("misses.never")}</p>
      </aside>
    </main>
  );
}
