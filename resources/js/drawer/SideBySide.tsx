import { useState } from "react";
import { useTranslation } from "react-i18next";
import TrueRim from "../checks/TrueRim";
import { shown } from "../kit/numbers";
import type { Drawer, Named } from "./drawer";

/** A plain cup beside an odd one of the same size: how far each is off, and how far its fills differ from each other. */
export default function SideBySide({ tool, drawer }: { tool: Named; drawer: Drawer }) {
  const { t, i18n } = useTranslation();
  const others = drawer.named.filter(
    (one) => one.id !== tool.id && one.nominal === tool.nominal && one.sizes.length > 0,
  );
  const [chosen, choose] = useState<number>();
  if (others.length === 0) return null;
  const other = others.find((one) => one.id === chosen);
  const both = other ? [tool, other] : [];
  return (
    <details className="side-by-side">
      <summary>{t("drawer.named.beside")}</summary>
      <select
        className="place"
        aria-label={t("drawer.named.beside")}
        value={chosen ?? ""}
        onChange={(event) => choose(Number(event.target.value))}
      >
        <option value="" disabled>
          {t("drawer.named.pickOther")}
        </option>
        {others.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
      {both.length > 0 && (
        <ul>
          {both.map((one) => {
            const last = one.sizes[one.sizes.length - 1];
            return (
              last && (
                <li key={one.id}>
                  <TrueRim deviation={last.deviation_pct} verdict={last.verdict} wide={240} deep={70} />
                  <b>{one.name}</b>
                  <span className="num">
                    {shown(last.true_ml, 1, i18n.language)} mL ±{shown(last.u_ml, 1, i18n.language)}
                  </span>
                  <span className="num">
                    {t("drawer.named.spread", { percent: shown(last.spread_pct, 1, i18n.language) })}
                  </span>
                </li>
              )
            );
          })}
        </ul>
      )}
    </details>
  );
}
