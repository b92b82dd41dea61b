import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import type { Drawer } from "./drawer";

/** Whether small measures add up to large ones: three teaspoons and a tablespoon. Those that do not come first. */
export default function SetsAgree({ sets }: { sets: Drawer["sets"] }) {
  const { t, i18n } = useTranslation();
  if (sets.length === 0) return null;
  const ml = (number: number) => shown(number, 1, i18n.language);
  return (
    <section>
      <h2 className="h2rim">{t("drawer.named.sets")}</h2>
      <ul className="sets-agree">
        {[...sets]
          .sort((a, b) => Number(a.agrees) - Number(b.agrees) || Math.abs(b.apart_pct) - Math.abs(a.apart_pct))
          .slice(0, 8)
          .map((one) => (
            <li key={`${one.small} ${one.large}`}>
              <span>
                <KitchenFraction>
                  {t("drawer.named.makes", { times: one.times, small: one.small, large: one.large })}
                </KitchenFraction>
              </span>
              <span className="num">
                {ml(one.smalls_ml)} | {ml(one.large_ml)} mL
              </span>
              <b>
                {t(one.agrees ? "drawer.named.agree" : "drawer.named.apart", { percent: ml(Math.abs(one.apart_pct)) })}
              </b>
            </li>
          ))}
      </ul>
    </section>
  );
}
