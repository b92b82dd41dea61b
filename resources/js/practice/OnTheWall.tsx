import { keepPreviousData } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { $api } from "../api/query";
import { Tick } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import ToolRow from "../kit/ToolRow";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import Figure from "./Figure";
import JugWanted from "./JugWanted";
import { letterOf } from "./practice";
import type { AskedOfClass, Setup } from "./useAskedOfClass";

const LEVELS = [1, 2, 3];

const FIRST: Setup = { skill: "read-jug", level: 1, seed: 1 };

type Props = { section: number; now: Schemas["AskedOfClass"] | null } & AskedOfClass["acts"];

/** Without what nobody chose. */
const given = ({ jug_column, jug_eye, ...setup }: Setup) => ({
  ...setup,
  ...(jug_column && { jug_column }),
  ...(jug_eye && { jug_eye }),
});

/** The question, large; the answer once the teacher shows it. */
export default function OnTheWall({ section, now, ask, show, end }: Props) {
  const { t } = useTranslation();
  const [picked, pick] = useState(FIRST);
  const [isOpen, open] = useState(false);
  const setup: Setup = now
    ? {
        skill: now.skill,
        level: now.level,
        seed: now.seed,
        jug_column: now.jug_column ?? null,
        jug_eye: now.jug_eye ?? null,
      }
    : picked;
  const isShown = now ? now.shown : isOpen;
  const wall = $api.useQuery(
    "get",
    "/api/sections/{section}/question",
    { params: { path: { section }, query: given(setup) } },
    { placeholderData: keepPreviousData, staleTime: Number.POSITIVE_INFINITY },
  );
  // Another skill or level is looked at before it is asked; another question of the same kind goes out at once.
  const change = (part: Partial<Setup>) => {
    const next = { ...setup, seed: 1, ...part };
    pick(next);
    open(false);
    if (now && part.seed === undefined) end();
    if (now && part.seed !== undefined) ask(next);
  };
  if (wall.isError) return <ProblemNote error={wall.error} retry={wall.refetch} />;
  if (!wall.data) return <Loading />;
  const { question, skills, marked } = wall.data;
  const { explanation, condition, key } = marked;
  return (
    <main className="ready projected">
      <header className="ready-head">
        <Link className="quiet" to="/practise">
          {t("places.practise")}
        </Link>
        <label className="ready-class">
          <span className="unseen">{t("ready.skill")}</span>
          <select value={setup.skill} onChange={(event) => change({ skill: event.target.value as Setup["skill"] })}>
            {skills.map((skill) => (
              <option key={skill.id} value={skill.id}>
                {skill.said}
              </option>
            ))}
          </select>
        </label>
        <label className="ready-class">
          <span className="unseen">{t("ready.level")}</span>
          <select value={setup.level} onChange={(event) => change({ level: Number(event.target.value) })}>
            {LEVELS.map((level) => (
              <option key={level} value={level}>
                {t("ready.levelNo", { level })}
              </option>
            ))}
          </select>
        </label>
        {(setup.skill === "read-jug" || setup.skill === "jug-column") && <JugWanted setup={setup} change={change} />}
        <button
          type="button"
          className="btn btn-outline"
          aria-pressed={now !== null}
          onClick={() => {
            pick(setup);
            if (now) end();
            else ask(setup);
          }}
        >
          {t(now ? "ready.stopAsking" : "ready.askHere")}
        </button>
        <button
          type="button"
          className={`btn ${isShown ? "btn-primary" : "btn-outline"}`}
          onClick={() => change({ seed: setup.seed + 1 })}
        >
          {t("ready.another")}
        </button>
        {!(now && isShown) && (
          <button
            type="button"
            className={`btn ${isShown ? "btn-outline" : "btn-primary"}`}
            aria-pressed={isShown}
            onClick={() => (now ? show() : open(!isShown))}
          >
            {t(isShown ? "ready.hide" : "ready.show")}
          </button>
        )}
      </header>
      {now && (
        <p className="projected-count num" role="status">
          {t("ready.answered", { count: now.answered, of: now.of })}
          {isShown && <b>{t("ready.wereRight", { count: now.right, of: now.answered })}</b>}
        </p>
      )}
      <h1 aria-live="polite">
        <KitchenFraction>{question.prompt}</KitchenFraction>
      </h1>
      <Figure key={question.id} question={question} />
      {question.figure.words && (
        <p className="projected-line">
          <KitchenFraction>{question.figure.words.map((word) => word.said).join(" ")}</KitchenFraction>
        </p>
      )}
      <ol className="projected-choices">
        {question.choices.map((choice, i) => {
          const place = key.indexOf(choice.id);
          return (
            <li key={choice.id} className={isShown && place < 0 && key.length > 0 ? "is-out" : ""}>
              <b>{letterOf(i)}</b>
              {choice.tool && <ToolRow k={9} label="" fills={[{ ...choice.tool, count: 1 }]} />}
              {choice.tool?.nominal !== "" && (
                <span>
                  <KitchenFraction>{choice.said}</KitchenFraction>
                </span>
              )}
              {now && isShown && question.kind === "choice" && (
                <span className="projected-chose num">{t("ready.chose", { count: now.choices[choice.id] ?? 0 })}</span>
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
          {now?.missed.map((one) => (
            <p key={one.said}>
              <b className="num">{t("ready.times", { count: one.times })}</b> {one.said}
            </p>
          ))}
        </section>
      )}
    </main>
  );
}
