import { useTranslation } from "react-i18next";
import DirectionTags from "../kit/DirectionTags";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import type { Sheet } from "../prepare/lab";
import Lettered from "./Lettered";

/** The recipe with cups and grams side by side, and where the grams come from. */
export default function RecipeSheet({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  return (
    <Lettered
      title={sheet.title}
      kind={t("lab.sheet")}
      {...(sheet.makes ? { under: t("print.makes", { makes: sheet.makes }) } : {})}
      sheet={sheet}
    >
      <table className="print-t running">
        <thead>
          <tr>
            <th scope="col">{t("print.name")}</th>
            <th scope="col">{t("print.written")}</th>
            <th scope="col">{t("print.measure")}</th>
            <th scope="col">{t("print.grams")}</th>
            <th scope="col">{t("print.from")}</th>
          </tr>
        </thead>
        <tbody>
          {sheet.lines.map((line) => (
            <tr key={line.position}>
              <th scope="row">
                {line.name}
                {line.only_at && (
                  <span className="block">{t("lab.onlyAt", { stations: line.only_at.join(", ") })}</span>
                )}
              </th>
              <td>
                <KitchenFraction>{line.text ?? line.amount}</KitchenFraction>
              </td>
              <td>
                <KitchenFraction>{line.measure}</KitchenFraction>
              </td>
              <td className="num">
                <b>{shown(line.target_g, line.decimals, i18n.language)} g</b>
              </td>
              <td className="small">
                <KitchenFraction>{[...line.working, line.source].filter(Boolean).join(" ")}</KitchenFraction>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {sheet.allergens.length > 0 && (
        <p className="every">{t("lab.allergens", { list: sheet.allergens.join(", ") })}</p>
      )}
      {sheet.directions.length > 0 && (
        <ol className="print-steps">
          {sheet.directions.map((step) => (
            <li key={step.text}>
              {step.text} <DirectionTags step={step} />
            </li>
          ))}
        </ol>
      )}
      <p className="every">{t("print.safety")}</p>
    </Lettered>
  );
}
