import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { Back } from "../kit/icons";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import "../../css/practice.css";
import AskedTogether from "./AskedTogether";
import { useAsked } from "./useAsked";

/** What the teacher asks the whole class: answered here, and marked here when the answer is shown on the wall. */
export default function Together() {
  const { t } = useTranslation();
  const asked = useAsked();
  if (asked.isPending) return <Loading />;
  if (!asked.data) return <ProblemNote error={asked.error} retry={asked.refetch} />;
  const now = asked.data.asked;
  return (
    <div className="student">
      <header className="shead">
        <Link to="/kitchen" className="quiet bench-back">
          <Back size={22} />
          {t("practice.leave")}
        </Link>
        <span className="h-line practice-skill">{t("practice.together")}</span>
      </header>
      {now ? (
        <AskedTogether key={now.id} asked={now} refetch={() => asked.refetch()} />
      ) : (
        <main className="practice">
          <h1>{t("practice.noneAsked")}</h1>
          <p>
            <Link className="btn btn-primary" to="/kitchen/practice">
              {t("practice.alone")}
            </Link>
          </p>
        </main>
      )}
    </div>
  );
}
