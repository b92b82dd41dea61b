import "../../css/checks.css";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import { asProblem } from "../api/client";
import { $api, useRefresh, useSend } from "../api/query";
import NamesToTap from "../kit/NamesToTap";
import Loading from "../shell/Loading";
import { useChosenId } from "../weigh/draft";
import { useKitchen } from "../weigh/kitchen";
import OwnDifference from "./OwnDifference";
import TryArm from "./TryArm";

/** The class's experiment for one student: each thing in the order dealt, their own difference, then what the class found. */
export default function MyExperiment() {
  const { t } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const refresh = useRefresh();
  const [chosen, choose] = useChosenId("student");
  const who = kitchen.kind === "student" ? kitchen.students[0]?.id : chosen;
  const mine = $api.useQuery(
    "get",
    "/api/experiment",
    { params: { query: { ...(who !== undefined && { student: who }) } } },
    { refetchInterval: 8000 },
  );
  const keeping = useSend("put", "/api/experiment/weighings/{weighing}", {
    onSuccess: () => refresh.of("/api/experiment"),
  });
  if (mine.isPending) return <Loading />;
  const page = mine.data;
  const next = page?.arms.find((one) => one.grams === null);
  return (
    <div className="student">
      <header className="shead">
        <b>{kitchen.station ?? kitchen.name}</b>
        <span className="h-line">{page?.title ?? t("experiment.title")}</span>
        <button type="button" className="quiet" onClick={() => go("/kitchen")}>
          {t("water.leave")}
        </button>
      </header>
      <main className="try-main">
        {!page && <p>{asProblem(mine.error).message}</p>}
        {page && kitchen.kind === "station" && (
          <section>
            <h1 className="h2rim">{t("experiment.whoTries")}</h1>
            <NamesToTap className="choices" names={page.students} chosen={who} onChoose={choose} />
          </section>
        )}
        {page && page.arms.length > 0 && (
          <section>
            <h2 className="h2rim">{t("experiment.inOrder")}</h2>
            <ol className="try-arms">
              {page.arms.map((one, i) => (
                <li key={one.arm} className={one === next ? "is-now" : ""}>
                  <b>
                    {i + 1}. {one.name}
                  </b>
                  <span>
                    {one.tool}, {one.food}
                  </span>
                  {one.grams !== null && <b className="num">{t("experiment.weighed")}</b>}
                </li>
              ))}
            </ol>
          </section>
        )}
        {page && who !== undefined && page.arms.length === 0 && <p>{t("experiment.notDealt")}</p>}
        {page && next && who !== undefined && !page.shown && (
          <TryArm key={`${who} ${next.arm}`} arm={next} page={page} student={who} keeping={keeping} />
        )}
        {page?.ask_more && page.ask_less && who !== undefined && <OwnDifference key={who} page={page} student={who} />}
        {page?.shown && page.said.length > 0 && (
          <section>
            <h2 className="h2rim">{t("experiment.classFound")}</h2>
            {page.said.map((one) => (
              <p key={one} className="try-said">
                {one}
              </p>
            ))}
          </section>
        )}
        <p className="also-links">
          <Link className="quiet" to="/kitchen/techniques">
            {t("kitchen.techniques")}
          </Link>
        </p>
      </main>
    </div>
  );
}
