import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import client, { body } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import { Tick } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import ToolRow from "../kit/ToolRow";
import "../../css/bench.css";
import "../../css/practice.css";
import "../../css/ready.css";
import Figure from "./Figure";

const LEVELS = [1, 2, 3];

/** One question large on the wall; the class answers on paper, then the answer is shown. */
export default function Projected() {
  const { t } = useTranslation();
  const today = useQuery({ queryKey: ["today"], queryFn: () => body(client.GET("/api/today")) });
  const section = today.data?.sections[0]?.id;
  const [setup, setSetup] = useState({ skill: "read-jug", level: 1, seed: 1 });
  const [isShown, show] = useState(false);
  const asked = useQuery({
    queryKey: ["projected", section, setup],
    queryFn: () =>
      body(
        client.GET("/api/sections/{section}/question", {
          params: { path: { section: section ?? 0 }, query: setup },
        }),
      ),
    enabled: section !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const change = (part: Partial<typeof setup>) => {
    setSetup({ ...setup, ...part });
    show(false);
  };
  if (today.isPending) return <Loading />;
  if (today.data && section === undefined) return <p className="ready">{t("ready.noClass")}</p>;
  if (asked.isError) return <ProblemNote error={asked.error} retry={asked.refetch} />;
  if (!asked.data) return <Loading />;
  const { question, skills, explanation, condition, key } = asked.data;
  return (
    <main className="ready projected">
      <header className="ready-head">
        <Link className="quiet" to="/practise">
          {t("places.practise")}
        </Link>
        <label className="ready-class">
          <span className="unseen">{t("ready.skill")}</span>
          <select value={setup.skill} onChange={(event) => change({ skill: event.target.value, seed: 1 })}>
            {skills.map((skill) => (
              <option key={skill.id} value={skill.id}>
                {skill.said}
              </option>
            ))}
          </select>
        </label>
        <label className="ready-class">
          <span className="unseen">{t("ready.level")}</span>
          <select value={setup.level} onChange={(event) => change({ level: Number(event.target.value), seed: 1 })}>
            {LEVELS.map((level) => (
              <option key={level} value={level}>
                {t("ready.levelNo", { level })}
              </option>
            ))}
          </select>
        </label>
        <button type="button" className="btn btn-outline" onClick={() => change({ seed: setup.seed + 1 })}>
          {t("ready.another")}
        </button>
        <button type="button" className="btn btn-primary" aria-pressed={isShown} onClick={() => show(!isShown)}>
          {t(isShown ? "ready.hide" : "ready.show")}
        </button>
      </header>
      <h1 aria-live="polite">
        <KitchenFraction>{question.prompt}</KitchenFraction>
      </h1>
      <Figure key={question.id} question={question} />
      {question.figure.words && (
        <p className="projected-line" lang="en">
          <KitchenFraction>{question.figure.words.join(" ")}</KitchenFraction>
        </p>
      )}
      <ol className="projected-choices">
        {question.choices.map((choice, i) => {
          const place = key.indexOf(choice.id);
          return (
            <li key={choice.id} className={isShown && place < 0 && key.length > 0 ? "is-out" : ""}>
              <b>{"ABCDEFGHIJKLM"[i]}</b>
              {choice.tool && <ToolRow k={9} label="" fills={[{ ...choice.tool, count: 1, mark_ml: null }]} />}
              {choice.tool?.nominal !== "" && (
                <span>
                  <KitchenFraction>{choice.said}</KitchenFraction>
                </span>
              )}
              {isShown && place >= 0 && (
                <span className="p-key">
                  {question.kind === "order" ? <b className="num">{place + 1}</b> : <Tick size={26} />}
                  <span className="unseen">{t("ready.right")}</span>
                </span>
              )}
            </li>
          );
        })}
      </ol>
      {isShown && (
        <section className="practice-marked is-right" role="status">
          <p>
            <KitchenFraction>{explanation}</KitchenFraction>
          </p>
          {condition && <p className="soft">{condition}</p>}
        </section>
      )}
    </main>
  );
}
