import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import { type Sheet, useSheetRefresh } from "./lab";

/** What to have in the house, for a station and for the class. */
export default function Supplies({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  const [retry, setRetry] = useState(String(sheet.retry_pct));
  const keeping = useSend("put", "/api/labs/{lab}", useSheetRefresh());
  const keep = () =>
    keeping.send({
      params: { path: { lab: sheet.id } },
      body: { title: sheet.title, planned_for: sheet.planned_for, retry_pct: Number(retry) },
    });
  const grams = (number: number, decimals: number) => `${shown(number, decimals, i18n.language)} g`;
  return (
    <section className="pt-9">
      <div className="flex flex-wrap items-end gap-6">
        <h2 className="h2rim flex-1">{t("lab.supplies")}</h2>
        <Field
          label={t("lab.retry")}
          inputMode="numeric"
          className="narrow"
          value={retry}
          disabled={sheet.state !== "prepared"}
          problem={keeping.says}
          onChange={(event) => setRetry(event.target.value)}
          onBlur={() => retry !== String(sheet.retry_pct) && keep()}
        />
      </div>
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
