import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { useParams } from "react-router";
import client, { body } from "../api/client";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";
import PrintFrame, { Waiting } from "./PrintFrame";

/** What hangs in the kitchen whatever the lab: the equivalents chart, and labels for the tools. */
export default function PrintWall() {
  const { what = "" } = useParams();
  return <PrintFrame>{what === "labels" ? <Labels /> : <Chart />}</PrintFrame>;
}

function Chart() {
  const { t, i18n } = useTranslation();
  const chart = useQuery({ queryKey: ["chart"], queryFn: () => body(client.GET("/api/chart")) });
  if (!chart.data) return <Waiting error={chart.error} retry={chart.refetch} />;
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
    </section>
  );
}

function Labels() {
  const { t, i18n } = useTranslation();
  const drawer = useQuery({ queryKey: ["drawer"], queryFn: () => body(client.GET("/api/drawer")) });
  if (!drawer.data) return <Waiting error={drawer.error} retry={drawer.refetch} />;
  return (
    <section className="paper-page">
      <header>
        <h1>{t("lab.labels")}</h1>
      </header>
      <div className="labels">
        {drawer.data.tools
          .filter((tool) => tool.count > 0)
          .map((tool) => (
            <article key={tool.id}>
              <ToolRow
                fills={[{ kind: tool.kind, ml: tool.ml, count: 1, nominal: tool.nominal, mark_ml: null }]}
                label={tool.name}
                k={5}
              />
              <b className="running">
                <KitchenFraction>{tool.name}</KitchenFraction>
              </b>
              <span>
                {t(`toolKind.${tool.kind}`)}, {shown(tool.ml, 1, i18n.language)} mL
                {tool.place ? `, ${tool.place}` : ""}
              </span>
              {!tool.fit && <span>{t("drawer.notFit")}</span>}
            </article>
          ))}
      </div>
    </section>
  );
}
