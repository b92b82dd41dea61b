import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import type { Sheet } from "../prepare/lab";
import Lettered from "./Lettered";

/** What the class takes, with the allowance for measuring again; a box to tick for what is there. */
export default function ShoppingList({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  return (
    <Lettered
      title={t("print.shopping")}
      under={t("print.stations", { count: sheet.stations.length, percent: sheet.retry_pct })}
      sheet={sheet}
    >
      <table className="print-t running">
        <thead>
          <tr>
            <th scope="col">{t("print.have")}</th>
            <th scope="col">{t("print.name")}</th>
            <th scope="col">{t("print.grams")}</th>
            <th scope="col">{t("print.measure")}</th>
          </tr>
        </thead>
        <tbody>
          {sheet.supplies.map((one) => (
            <tr key={one.name}>
              <td>
                <i className="tick-box" />
              </td>
              <th scope="row">{one.name}</th>
              <td className="num">
                <b>{shown(one.class_g, one.class_decimals, i18n.language)} g</b>
              </td>
              <td>
                <KitchenFraction>{one.class ?? ""}</KitchenFraction>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2>{t("lab.todo")}</h2>
      <ul className="print-steps">
        {sheet.preparation
          .filter((one) => !one.out)
          .map((one) => (
            <li key={one.key}>{one.text}</li>
          ))}
      </ul>
    </Lettered>
  );
}
