import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { Link, useParams } from "react-router";
import client, { asProblem, body } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import FieldProblem from "../kit/FieldProblem";
import "../../css/ready.css";
import PeriodFacts from "./PeriodFacts";
import { periodKey, usePeriod } from "./period";
import Timeline from "./Timeline";

/** A lab from bell to bell, and how long its fixed blocks take. */
export default function PeriodScreen() {
  const { t } = useTranslation();
  const lab = Number(useParams().lab);
  const queries = useQueryClient();
  const asked = usePeriod(lab);
  const changing = useMutation({
    mutationFn: (minutes: Record<string, number>) =>
      body(client.PUT("/api/labs/{lab}/period", { params: { path: { lab } }, body: { minutes } })),
    onSuccess: (plan) => queries.setQueryData(periodKey(lab), plan),
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
                changing.mutate({ [block.id]: Number(event.target.value) })
              }
            />
            <span className="soft">{t("period.min")}</span>
          </label>
        ))}
      </form>
      <FieldProblem>
        {changing.isError
          ? (Object.values(asProblem(changing.error).fields)[0]?.[0] ?? asProblem(changing.error).message)
          : undefined}
      </FieldProblem>
      <Timeline plan={plan} />
    </main>
  );
}
