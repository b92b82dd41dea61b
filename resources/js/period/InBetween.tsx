import { useTranslation } from "react-i18next";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { type Plan, periodQuery } from "./period";

/** What is done with each food between two periods, and which period measures it. */
export default function InBetween({ lab, plan }: { lab: number; plan: Plan }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const moving = useSend("put", "/api/labs/{lab}/second-period", {
    onSuccess: (answer) => refresh.keep(periodQuery(lab), answer),
  });
  const later = plan.stored.filter((line) => line.later).map((line) => line.place);
  const move = (place: number) =>
    moving.send({
      params: { path: { lab } },
      body: { later: later.includes(place) ? later.filter((one) => one !== place) : [...later, place] },
    });
  return (
    <section>
      <h2 className="h2rim">{t("period.between")}</h2>
      <ul className="in-between">
        {plan.stored.map((line) => {
          const to = line.later ? "toFirst" : "toSecond";
          return (
            <li key={line.place}>
              <b>{line.name}</b>
              <span>{line.how}</span>
              {plan.may_change && (
                <button
                  type="button"
                  className="quiet"
                  aria-label={t(`period.${to}Of`, { name: line.name })}
                  onClick={() => move(line.place)}
                >
                  {t(`period.${to}`)}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {!plan.may_change && <p className="soft">{t("period.frozen")}</p>}
      <FieldProblem>{moving.says}</FieldProblem>
    </section>
  );
}
