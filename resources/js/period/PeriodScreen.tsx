import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { Link, useParams } from "react-router";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import "../../css/ready.css";
import PeriodFacts from "./PeriodFacts";
import { periodQuery } from "./period";
import Timeline from "./Timeline";

/** A lab from bell to bell, and how long its fixed blocks take. */
export default function PeriodScreen() {
  const { t } = useTranslation();
  const lab = Number(useParams().lab);
  const refresh = useRefresh();
  const asked = useQuery(periodQuery(lab));
  const changing = useSend("put", "/api/labs/{lab}/period", {
    onSuccess: (plan) => refresh.keep(periodQuery(lab), plan),
  });
  if (asked.isPending) return <Loading />;
  if (!asked.data) return <ProblemNote error={asked.error} retry={asked.refetch} />;
  const plan = asked.data;
  return (
    <main className="period">
      <header className="ready-head">
        <h1>{t("period.title", { lab: plan.title })}</h1>
        <Link className="btn btn-outline" to={`/labs/${lab}/prepare`}>
          {t("period.back")}
        </Link>
        <Link className="btn btn-primary" to={`/print/labs/${lab}/period`}>
          {t("period.print")}
        </Link>
      </header>
      <PeriodFacts plan={plan} />
      <form className="period-blocks" onSubmit={(event) => event.preventDefault()}>
        {plan.blocks.map((block) => (
          <label key={block.id}>
            {block.name}
            <input
              type="number"
              min={0}
              max={180}
              step={0.5}
              defaultValue={block.minutes}
              onBlur={(event) =>
                Number(event.target.value) !== block.minutes &&
                changing.send({
                  params: { path: { lab } },
                  body: { minutes: { [block.id]: Number(event.target.value) } },
                })
              }
            />
            <span className="soft">{t("period.min")}</span>
          </label>
        ))}
      </form>
      <FieldProblem>{changing.says}</FieldProblem>
      <Timeline plan={plan} />
    </main>
  );
}
