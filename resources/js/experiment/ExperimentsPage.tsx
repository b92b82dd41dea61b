import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useDay } from "../kit/useDay";
import NewExperiment from "./NewExperiment";

/** A class's experiments, and a new one: ready-made, or of one's own. */
export default function ExperimentsPage({ list }: { list: Schemas["ExperimentList"] }) {
  const { t } = useTranslation();
  const day = useDay();
  return (
    <main className="sheet experiments">
      <div>
        <header className="sheet-head">
          <h1>{t("experiment.list")}</h1>
          <p className="soft">{list.section}</p>
        </header>
        {list.experiments.length === 0 && <p className="py-4">{t("experiment.none")}</p>}
        <ul className="experiment-list">
          {list.experiments.map((one) => (
            <li key={one.id}>
              <Link to={`/review/experiments/${one.id}`}>
                <b>{one.title}</b>
              </Link>
              <span>
                {one.food}: {one.arms.join(", ")}
              </span>
              <span className="soft">
                {t(`experiment.state.${one.state}`)}, {t("experiment.weighings", { count: one.weighings })},{" "}
                {day(one.day, "short")}
              </span>
            </li>
          ))}
        </ul>
      </div>
      <aside className="sheet-side">
        <NewExperiment list={list} />
      </aside>
    </main>
  );
}
