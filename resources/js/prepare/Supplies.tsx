import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import type { Sheet } from "./lab";

/** What to have in the house, for a station and for the class. */
export default function Supplies({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  const grams = (number: number, decimals: number) => `${shown(number, decimals, i18n.language)} g`;
  return (
    <section className="pt-9">
      <h2 className="h2rim">{t("lab.supplies")}</h2>
      <table className="supplies">
        <thead>
          <tr>
            <th scope="col">{t("print.name")}</th>
            <th scope="col" colSpan={2}>
              {t("lab.perStation")}
            </th>
            <th scope="col" colSpan={2}>
              {t("lab.forClass")}
            </th>
          </tr>
        </thead>
        <tbody>
          {sheet.supplies.map((one) => (
            <tr key={one.name}>
              <th scope="row">{one.name}</th>
              <td className="running">
                <KitchenFraction>{one.station ?? ""}</KitchenFraction>
              </td>
              <td className="num">{grams(one.station_g, one.decimals)}</td>
              <td className="running">
                <KitchenFraction>{one.class ?? ""}</KitchenFraction>
              </td>
              <td className="num">
                <b>{grams(one.class_g, one.class_decimals)}</b>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
