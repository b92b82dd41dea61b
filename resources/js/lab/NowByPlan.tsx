import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useNow } from "../kit/useNow";
import { periodQuery, plannedAt } from "../period/period";

/** What each station should be at now, by the plan. */
export default function NowByPlan({ lab, runs }: { lab: number; runs: boolean }) {
  const { t } = useTranslation();
  const { data: plan } = useQuery(periodQuery(lab));
  const now = useNow(15_000);
  const part = plan?.parts[plan.running ?? -1];
  if (!plan || !part || plan.began_at === null) return null;
  const at = Math.max(0, now - plan.began_at);
  return (
    <section>
      <h3 className="side-h">{t("period.now")}</h3>
      <ul>
        {plan.stations.map((name, station) => (
          <li key={name} className="py-1">
            <b>{name}</b>{" "}
            {[...new Set(plannedAt(part, station, at).map((task) => task.name))].join(", ") || t("period.over")}
          </li>
        ))}
      </ul>
      {runs && (
        <Link className="quiet underline" to={`/labs/${lab}/period`}>
          {t("period.open")}
        </Link>
      )}
    </section>
  );
}
