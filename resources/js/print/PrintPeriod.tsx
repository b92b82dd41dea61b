import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { useParams } from "react-router";
import PeriodFacts from "../period/PeriodFacts";
import { periodQuery } from "../period/period";
import Timeline from "../period/Timeline";
import type { Sheet } from "../prepare/lab";
import Loading from "../shell/Loading";
import Lettered from "./Lettered";

/** The period plan for the wall: the picture, and for each station its order in words. */
export default function PrintPeriod({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const asked = useQuery(periodQuery(Number(useParams().lab)));
  if (!asked.data) return <Loading />;
  const plan = asked.data;
  return (
    <Lettered title={t("period.plan")} sheet={sheet}>
      <PeriodFacts plan={plan} />
      <Timeline plan={plan} />
      <table className="period-orders">
        <tbody>
          {plan.stations.map((name, station) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>
                {plan.timeline
                  .filter((task) => task.station === station && task.what === "measure")
                  .map((task) => task.name)
                  .join(" · ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Lettered>
  );
}
