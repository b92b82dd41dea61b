import { useQuery } from "@tanstack/react-query";
import { Fragment } from "react";
import { useTranslation } from "react-i18next";
import { Link, useParams } from "react-router";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import "../../css/ready.css";
import InBetween from "./InBetween";
import PeriodFacts from "./PeriodFacts";
import { type Plan, periodQuery } from "./period";
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
  const keep = { onSuccess: (plan: Plan) => refresh.keep(periodQuery(lab), plan) };
  const splitting = useSend("post", "/api/labs/{lab}/second-period", keep);
  const joining = useSend("delete", "/api/labs/{lab}/second-period", keep);
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
      {!plan.in_two && plan.parts[0] && <PeriodFacts plan={plan.parts[0]} />}
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
      {plan.parts.map((part, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the first and the second
        <Fragment key={i}>
          {plan.in_two && (
            <>
              <h2 className="h2rim">{t(i === 0 ? "period.first" : "period.second")}</h2>
              <PeriodFacts plan={part} />
            </>
          )}
          <Timeline plan={plan} part={part} />
          {plan.in_two && i === 0 && <InBetween lab={lab} plan={plan} />}
        </Fragment>
      ))}
      {plan.may_change && (
        <p className="period-split">
          <SendButton
            type="button"
            className="btn btn-outline min-h-11"
            isPending={splitting.isPending || joining.isPending}
            onClick={() => (plan.in_two ? joining : splitting).send({ params: { path: { lab } } })}
          >
            {t(plan.in_two ? "period.join" : "period.split")}
          </SendButton>
          {!plan.in_two && <span className="soft">{t("period.splitHint")}</span>}
        </p>
      )}
      <FieldProblem>{splitting.says ?? joining.says}</FieldProblem>
    </main>
  );
}
