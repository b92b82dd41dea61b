import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { signed } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";
import type { Drawer, Named } from "./drawer";

/** px a cm: all sets hang to one scale. */
const K = 6.5;

type Props = { drawer: Drawer; open: string | undefined; tap: (id: string) => void };

/** Tools that were checked with water, a rim for each station's set: each with how much it is off, and what is to be done with it. */
export default function CheckedSets({ drawer, open, tap }: Props) {
  const { t, i18n } = useTranslation();
  const places = [...drawer.places.filter((one) => drawer.named.some(({ place }) => place === one)), null].filter(
    (place) => drawer.named.some((one) => (one.place ?? null) === place),
  );
  if (drawer.named.length === 0) return null;
  const state = (one: Named) =>
    one.is_retired
      ? t("drawer.named.retired")
      : one.due
        ? t("drawer.named.due")
        : one.sizes.some((size) => size.verdict === "use-with-correction")
          ? t("drawer.named.correct")
          : undefined;
  return (
    <section className="checked-sets">
      <h2>{t("drawer.named.title", { count: drawer.named.length })}</h2>
      {places.map((place) => (
        <div key={place ?? ""} className="checked-set">
          <h3>{place ?? t("water.shelf")}</h3>
          <ul className="hung">
            {drawer.named
              .filter((one) => (one.place ?? null) === place)
              .sort((a, b) => Number(a.kind > b.kind) - Number(a.kind < b.kind) || b.ml - a.ml)
              .map((one) => {
                const last = one.sizes[one.sizes.length - 1];
                const said = state(one);
                return (
                  <li key={one.id}>
                    <button
                      type="button"
                      id={`named-${one.id}`}
                      className={`hung-one ${one.is_retired ? "is-out" : one.due ? "is-none" : "is-checked"}`}
                      aria-expanded={open === `named-${one.id}`}
                      aria-label={`${one.name}: ${[
                        last && signed(last.deviation_pct, 1, i18n.language),
                        last && "%",
                        said,
                      ]
                        .filter(Boolean)
                        .join(" ")}`}
                      onClick={() => tap(`named-${one.id}`)}
                    >
                      <ToolRow
                        fills={[
                          {
                            kind: one.kind,
                            ml: one.ml,
                            count: 1,
                            nominal: one.kind === "dry-cup" ? one.nominal : "",
                            mark_ml: null,
                          },
                        ]}
                        label=""
                        k={K}
                        isHung
                      />
                      <b>
                        <KitchenFraction>{one.said}</KitchenFraction>
                      </b>
                      {last && !one.due && <span className="num">{signed(last.deviation_pct, 1, i18n.language)}%</span>}
                      {said && <span className="hung-state">{said}</span>}
                    </button>
                  </li>
                );
              })}
          </ul>
        </div>
      ))}
    </section>
  );
}
