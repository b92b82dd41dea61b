import { useQuery } from "@tanstack/react-query";
import { Fragment } from "react";
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
      {plan.parts.map((part, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the first and the second
        <Fragment key={i}>
          {plan.in_two && <h2>{t(i === 0 ? "period.first" : "period.second")}</h2>}
          <PeriodFacts plan={part} />
          <Timeline plan={plan} part={part} />
          <table className="period-orders">
            <tbody>
              {plan.stations.map((name, station) => (
                <tr key={name}>
                  <th scope="row">{name}</th>
                  <td>
                    {part.timeline
                      .filter((task) => task.station === station && task.what === "measure")
                      .map((task) => task.name)
                      .join(" · ")}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {plan.in_two && i === 0 && (
            <>
              <h2>{t("period.between")}</h2>
              <ul>
                {plan.stored.map((line) => (
                  <li key={line.place}>
                    <b>{line.name}</b>: {line.how}
                  </li>
                ))}
              </ul>
            </>
          )}
        </Fragment>
      ))}
    </Lettered>
  );
}
