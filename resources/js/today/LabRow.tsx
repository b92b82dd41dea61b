import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";

type Lab = Schemas["LabSummary"];

/** A lab of the class, and the way to it. */
export default function LabRow({ lab, timeZone, runs }: { lab: Lab; timeZone: string; runs: boolean }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const opening = useSend("post", "/api/labs/{lab}/open", { onSuccess: () => go(`/labs/${lab.id}`) });
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
    <div className={`lab-row ${lab.state === "open" ? "lab-open" : ""}`}>
      <div className="lab-what">
        <b>{lab.title}</b>
        <span className="block">
          {t(`today.state.${lab.state}`, { day, time })} · {t("today.ingredients", { count: lab.ingredients })}
        </span>
        <FieldProblem>{opening.problem?.message}</FieldProblem>
      </div>
      {lab.state === "prepared" ? (
        runs && (
          <SendButton
            type="button"
            className="btn btn-outline min-h-11"
            isPending={opening.isPending}
            onClick={() => opening.send({ params: { path: { lab: lab.id } }, body: {} })}
          >
            {t("today.open")}
          </SendButton>
        )
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
