import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import { $api } from "../api/query";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import { useClassHere } from "../shell/useClassHere";
import PrintWaiting from "./PrintWaiting";

/** What is as much as what, by this class's cup. */
export default function EquivalentsChart() {
  const { t, i18n } = useTranslation();
  const [search] = useSearchParams();
  const { today, section: here } = useClassHere();
  const section = Number(search.get("class")) || here?.id;
  const query = section === undefined ? {} : { section };
  const chart = $api.useQuery("get", "/api/chart", { params: { query } }, { enabled: !today.isPending });
  if (!chart.data) return <PrintWaiting error={chart.error} retry={chart.refetch} />;
  return (
    <section className="paper-page wall">
      <header>
        <div>
          <h1>{t("lab.chart")}</h1>
          <p>{t(`standard.${chart.data.standard}`)}</p>
        </div>
        <b>{chart.data.section}</b>
      </header>
      <table className="print-t running">
        <thead>
          <tr>
            <th scope="col">{t("print.measure")}</th>
            <th scope="col">{t("print.spoons")}</th>
            <th scope="col">tsp</th>
            <th scope="col">fl oz</th>
            <th scope="col">mL</th>
          </tr>
        </thead>
        <tbody>
          {chart.data.rows.map((row) => (
            <tr key={row.measure}>
              <th scope="row">
                <KitchenFraction>{row.measure}</KitchenFraction>
              </th>
              <td>
                <KitchenFraction>{row.spoons ?? ""}</KitchenFraction>
              </td>
              <td>
                <KitchenFraction>{row.teaspoons ?? ""}</KitchenFraction>
              </td>
              <td>
                <KitchenFraction>{row.fluid_ounces ?? ""}</KitchenFraction>
              </td>
              <td className="num">{shown(row.ml, 1, i18n.language)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="every">{t("print.chartHint")}</p>
      {chart.data.tools.length > 0 && (
        <p>
          <b>{t("print.ourTools")}</b> <KitchenFraction>{chart.data.tools.join(" · ")}</KitchenFraction>
        </p>
      )}
      <h2 className="h2rim">{t("print.cupWeighs")}</h2>
      <ul className="cup-weights">
        {chart.data.weights.map((one) => (
          <li key={one.name}>
            <b>{one.name}</b> <b className="num">{shown(one.grams, one.decimals, i18n.language)} g</b>{" "}
            <small>{one.source}</small>
          </li>
        ))}
      </ul>
    </section>
  );
}
