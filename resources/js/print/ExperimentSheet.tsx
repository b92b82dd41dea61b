import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import { $api } from "../api/query";
import { shown } from "../kit/numbers";
import PrintWaiting from "./PrintWaiting";

/** An experiment on paper: who does what in which order, with a box for each weighing and one for the difference. */
export default function ExperimentSheet() {
  const { t, i18n } = useTranslation();
  const [search] = useSearchParams();
  const experiment = Number(search.get("id")) || 0;
  const page = $api.useQuery("get", "/api/experiments/{experiment}", { params: { path: { experiment } } });
  if (!page.data) return <PrintWaiting error={page.error} retry={page.refetch} />;
  const { arms, students } = page.data;
  const rows = students.filter((one) => one.order.length > 0);
  const name = (id: string) => arms.find((one) => one.id === id)?.name ?? id;
  return (
    <section className="paper-page">
      <header>
        <h1>{page.data.title}</h1>
        <p>
          {page.data.tool}, {page.data.food}. {page.data.section}
        </p>
      </header>
      {page.data.said.map((one) => (
        <p key={one}>
          <b>{one}</b>
        </p>
      ))}
      <table className="paper-try">
        <thead>
          <tr>
            <th scope="col">{t("experiment.who")}</th>
            {arms.map((one, i) => (
              <th key={one.id} scope="col">
                {t("experiment.nth", { count: i + 1, ordinal: true })}
              </th>
            ))}
            <th scope="col">{t("experiment.difference")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((one) => (
            <tr key={one.id}>
              <th scope="row">
                {one.name} {one.station && `(${one.station})`}
              </th>
              {arms.map((_, i) => {
                const arm = one.order[i];
                const grams = one.grams.find((of) => of.arm === arm)?.grams;
                return (
                  // biome-ignore lint/suspicious/noArrayIndexKey: turns in order
                  <td key={i}>
                    {arm && (
                      <>
                        {name(arm)}: {grams === undefined ? "________" : shown(grams, 1, i18n.language)} g
                      </>
                    )}
                  </td>
                );
              })}
              <td>________ g</td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p>{t("experiment.dealHint")}</p>}
    </section>
  );
}
