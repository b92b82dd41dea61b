import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import KitchenFraction from "../kit/KitchenFraction";
import { shown, signed } from "../kit/numbers";
import { useDay } from "../kit/useDay";
import VerdictGlyph from "../kit/VerdictGlyph";

export type Row = Schemas["ReviewRow"];

/** Weigh-ins as they were: the newest lab first, tries in their order. */
export default function ReviewRows({ rows, short = false }: { rows: Row[]; short?: boolean }) {
  const { t, i18n } = useTranslation();
  const day = useDay();
  const newest = [...rows].reverse();
  return (
    <ul className="review-rows">
      {newest.map((row) => (
        <li key={row.id}>
          <VerdictGlyph verdict={row.verdict} tolerances={row.tolerances} size={34} />
          <div>
            <b>
              {row.food} <KitchenFraction>{row.amount}</KitchenFraction>
            </b>
            <span className="num">
              {shown(row.grams, row.decimals, i18n.language)} g
              {row.verdict !== "level" && ` (${signed(row.error_g, row.decimals, i18n.language)})`}
              {row.nth > 1 && `, ${t("results2.nth", { count: row.nth, ordinal: true })}`}
            </span>
            <small className="soft">
              {row.lab}, {day(row.day, "short")}
              {!short && (
                <>
                  {" · "}
                  <KitchenFraction>{row.tool}</KitchenFraction>
                  {row.tool && " · "}
                  {row.scale}
                  {row.other_way && ` · ${t("results2.otherWay")}`}
                </>
              )}
            </small>
            {row.cause && row.verdict !== "level" && <small>{row.cause}</small>}
            {row.known_g !== null && (
              <small className="soft">
                {t("results2.known", { grams: signed(row.known_g, Math.abs(row.known_g) < 10 ? 1 : 0, i18n.language) })}
              </small>
            )}
            {row.missed.length > 0 && (
              <small>{t(row.seen ? "results2.missed" : "results2.unticked", { steps: row.missed.join(", ") })}</small>
            )}
          </div>
        </li>
      ))}
    </ul>
  );
}
