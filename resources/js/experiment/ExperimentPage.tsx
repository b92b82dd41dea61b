import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import type { Schemas } from "../api/client";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { shown, signed } from "../kit/numbers";
import SendButton from "../kit/SendButton";
import TakeOut from "../kit/TakeOut";
import { useDay } from "../kit/useDay";
import ArmLines from "./ArmLines";
import ExperimentTable from "./ExperimentTable";

type Page = Schemas["ExperimentPage"];

/** An experiment of a class: one honest sentence first, then every weighing on the line of what was tried. */
export default function ExperimentPage({ page }: { page: Page }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const day = useDay();
  const refresh = useRefresh();
  const [isProjected, project] = useState(false);
  const path = { experiment: page.id };
  const after = { onSuccess: () => refresh.of("/api/experiments/{experiment}", "/api/sections/{section}/experiments") };
  const opening = useSend("post", "/api/experiments/{experiment}/open", after);
  const showing = useSend("post", "/api/experiments/{experiment}/result", after);
  const dropping = useSend("delete", "/api/experiments/{experiment}", after);
  return (
    <main className={`checks-one experiment ${isProjected ? "is-projected" : ""}`}>
      <header className="sheet-head">
        <h1>{page.title}</h1>
        <p className="soft">
          {t("experiment.under", {
            tool: page.tool,
            food: page.food,
            section: page.section,
            day: day(page.day, "short"),
          })}
        </p>
        <button
          type="button"
          className="btn btn-outline"
          aria-pressed={isProjected}
          onClick={() => project(!isProjected)}
        >
          {t("experiment.project")}
        </button>
        <Link className="btn btn-outline" to={`/print/experiment?id=${page.id}`}>
          {t("experiment.print")}
        </Link>
      </header>
      {page.said.length > 0 ? (
        <ul className="experiment-said">
          {page.said.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      ) : (
        <p className="experiment-said">{t(page.state === "prepared" ? "experiment.toDeal" : "experiment.few")}</p>
      )}
      <ArmLines page={page} named={!isProjected} />
      {!isProjected && (
        <div className="experiment-two">
          <section>
            <h2 className="h2rim">
              {t("experiment.difference")} <small>{t("experiment.interval")}</small>
            </h2>
            <ul className="experiment-differences">
              {page.differences.map((one) => (
                <li key={`${one.first} ${one.second}`}>
                  <span>
                    {one.second} − {one.first}
                  </span>
                  <b className="num">{signed(one.mean_g, 1, i18n.language)} g</b>
                  <span className="num soft">
                    {shown(one.low_g, 1, i18n.language).replace("-", "−")} …{" "}
                    {shown(one.high_g, 1, i18n.language).replace("-", "−")}
                  </span>
                  <b>{t(one.told ? "experiment.told" : "experiment.notTold")}</b>
                </li>
              ))}
            </ul>
            <h2 className="h2rim">{t("experiment.spread")}</h2>
            <ul className="experiment-differences">
              {page.arms.map((one) => (
                <li key={one.id}>
                  <span>{one.name}</span>
                  <b className="num">{one.sd_g == null ? "–" : `±${shown(one.sd_g, 1, i18n.language)} g`}</b>
                </li>
              ))}
            </ul>
            <div className="experiment-do">
              {page.state !== "open" && (
                <SendButton
                  type="button"
                  className={page.state === "prepared" ? "btn btn-primary" : "btn btn-outline"}
                  isPending={opening.isPending}
                  onClick={() => opening.send({ params: { path } })}
                >
                  {t(page.state === "prepared" ? "experiment.open" : "experiment.more")}
                </SendButton>
              )}
              {page.state === "open" && (
                <SendButton
                  type="button"
                  className="btn btn-primary"
                  isPending={showing.isPending}
                  onClick={() => showing.send({ params: { path } })}
                >
                  {t("experiment.show")}
                </SendButton>
              )}
              <TakeOut
                className="quiet"
                label={t("experiment.drop", { name: page.title })}
                question={t("lab.takeOutSure", { name: page.title })}
                gone={t("lab.isOut", { name: page.title })}
                take={() => dropping.send({ params: { path } }, () => go("/review/experiments"))}
              >
                {t("lab.takeOut")}
              </TakeOut>
            </div>
            <FieldProblem>{opening.says ?? showing.says ?? dropping.says}</FieldProblem>
          </section>
          <section>
            <h2 className="h2rim">{t("experiment.table")}</h2>
            {page.state === "prepared" ? (
              <p className="py-2">{t("experiment.dealHint")}</p>
            ) : (
              <ExperimentTable page={page} />
            )}
          </section>
        </div>
      )}
    </main>
  );
}
