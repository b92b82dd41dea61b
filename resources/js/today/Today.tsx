import { useMutation, useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import client, { asProblem, body, type Schemas } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import FieldProblem from "../kit/FieldProblem";

type Lab = Schemas["LabSummary"];

export default function Today() {
  const today = useQuery({ queryKey: ["today"], queryFn: () => body(client.GET("/api/today")) });
  if (today.data) return <Day today={today.data} />;
  if (today.isPending) return <Loading />;
  return <ProblemNote error={today.error} retry={today.refetch} />;
}

/** The next lab, the running one, and what needs a hand. */
function Day({ today }: { today: Schemas["Today"] }) {
  const { t } = useTranslation();
  return (
    <main className="today">
      <h1>{t("today.title")}</h1>
      <div className="grid gap-9">
        {today.sections.map((section) => (
          <section key={section.id}>
            <h2 className="h2rim flex justify-between">
              <span>{section.name}</span>
              <span className="soft num font-normal">
                {t("today.period", { from: section.starts_at, to: section.ends_at })}
              </span>
            </h2>
            {section.labs.length === 0 && <p className="py-4">{t("today.empty")}</p>}
            {section.labs.map((lab) => (
              <LabRow key={lab.id} lab={lab} timeZone={today.time_zone} />
            ))}
          </section>
        ))}
      </div>
      <div className="grid content-start gap-9">
        <section>
          <h2 className="h2rim">{t("today.hand")}</h2>
          <p className="py-3">
            {today.unchecked_scales.length > 0
              ? t("today.unchecked", { names: today.unchecked_scales.join(", ") })
              : t("today.nothing")}
          </p>
        </section>
        {today.sections.map((section) => (
          <section key={section.id}>
            <h2 className="h2rim">{t("today.codes", { section: section.name })}</h2>
            <dl className="codes">
              <dt>{t("today.classCode")}</dt>
              <dd>{section.code}</dd>
              {section.stations.map((station) => (
                <Code key={station.code} name={station.name} code={station.code} />
              ))}
            </dl>
          </section>
        ))}
      </div>
    </main>
  );
}

function Code({ name, code }: { name: string; code: string }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{code}</dd>
    </>
  );
}

function LabRow({ lab, timeZone }: { lab: Lab; timeZone: string }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const opening = useMutation({
    mutationFn: async () => void (await client.POST("/api/labs/{lab}/open", { params: { path: { lab: lab.id } } })),
    onSuccess: () => go(`/labs/${lab.id}`),
  });
  const day = new Intl.DateTimeFormat(i18n.language, {
    weekday: "short",
    day: "numeric",
    month: "short",
    timeZone: "UTC",
  }).format(new Date(`${lab.planned_for}T00:00Z`));
  const time = lab.opened_at
    ? new Intl.DateTimeFormat(i18n.language, { timeStyle: "short", timeZone }).format(new Date(lab.opened_at))
    : "";
  return (
    <div className={`lab-row ${lab.state === "open" ? "open" : ""}`}>
      <div className="what">
        <b>{lab.title}</b>
        <span className="block">
          {t(`today.state.${lab.state}`, { day, time })} · {t("today.ingredients", { count: lab.ingredients })}
        </span>
        <FieldProblem>{opening.isError ? asProblem(opening.error).message : undefined}</FieldProblem>
      </div>
      {lab.state === "prepared" ? (
        <button
          type="button"
          className="btn btn-outline min-h-11"
          aria-busy={opening.isPending}
          onClick={() => opening.mutate()}
        >
          {t("today.open")}
        </button>
      ) : (
        <button
          type="button"
          className={`btn min-h-11 ${lab.state === "open" ? "btn-primary" : "btn-outline"}`}
          onClick={() => go(`/labs/${lab.id}`)}
        >
          {t(lab.state === "open" ? "today.board" : "today.look")}
        </button>
      )}
    </div>
  );
}
