import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import LanguageButton from "../app/LanguageButton";
import { useSignOut } from "../app/session";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import VerdictGlyph from "../kit/VerdictGlyph";
import { useChoice } from "./draft";
import { type Line, latest, nextLine, useKitchen } from "./kitchen";
import StationHead from "./StationHead";

/** What to do now: who is measuring, and the ingredients with how they stand. */
export default function MyKitchen() {
  const { t } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const leaving = useSignOut();
  const [student, choose] = useChoice("student");
  const [asked, setAsked] = useState(false);
  const known = kitchen.students.some((one) => one.id === student);
  const mustChoose = kitchen.kind === "station" && !known;
  const next = nextLine(kitchen);
  const leave = () => leaving.mutate(undefined, { onSettled: () => go("/") });
  const measure = (line: Line) => (mustChoose ? setAsked(true) : go(`lines/${line.id}`));

  if (!kitchen.lab || kitchen.station === null) {
    return (
      <div className="student">
        <StationHead kitchen={kitchen}>
          <button type="button" className="quiet" onClick={leave}>
            {t("kitchen.leave")}
          </button>
        </StationHead>
        <main className="door">
          <VerdictGlyph verdict="none" size={150} hidden />
          <h1>{t(kitchen.station === null ? "kitchen.noStation" : "kitchen.noLab")}</h1>
          <p className="text-[1.25rem]">
            {t(kitchen.station === null ? "kitchen.noStationHint" : "kitchen.noLabHint")}
          </p>
          <AlsoHere />
        </main>
      </div>
    );
  }

  return (
    <div className="student">
      <StationHead kitchen={kitchen}>
        <span className="soft h-who">{kitchen.section}</span>
      </StationHead>
      <main className="mine-main">
        <h1>{kitchen.lab.title}</h1>
        <section>
          {kitchen.kind === "station" ? (
            <>
              <h2 className="h2rim">{t("kitchen.who")}</h2>
              <div className="whos">
                {kitchen.students.map((one) => (
                  <button
                    key={one.id}
                    type="button"
                    className="name"
                    aria-pressed={one.id === student}
                    onClick={() => {
                      choose(one.id);
                      setAsked(false);
                    }}
                  >
                    {one.name}
                  </button>
                ))}
              </div>
              <FieldProblem>{asked && mustChoose ? t("kitchen.pickFirst") : undefined}</FieldProblem>
            </>
          ) : (
            <>
              <h2 className="h2rim">{kitchen.name}</h2>
              <p className="py-3">{kitchen.section}</p>
            </>
          )}
          <AlsoHere />
          <p className="flex gap-2 -ml-2">
            <button type="button" className="quiet" onClick={leave}>
              {t("kitchen.leave")}
            </button>
            <LanguageButton />
          </p>
        </section>
        <section>
          <h2 className="h2rim">{t("kitchen.what")}</h2>
          <ul>
            {kitchen.lines.map((line) => {
              const last = latest(line);
              return (
                <li key={line.id}>
                  <button
                    type="button"
                    className={`todo-row ${line === next ? "next" : ""}`}
                    onClick={() => measure(line)}
                  >
                    <VerdictGlyph
                      verdict={last?.verdict ?? "none"}
                      tolerances={last?.tolerances ?? 0}
                      size={40}
                      hidden
                    />
                    <span className="what">
                      <b>{line.name}</b>
                      <span className="running">
                        <KitchenFraction>{line.amount}</KitchenFraction>
                      </span>
                    </span>
                    <span className="how text-right">
                      <span className={last ? `v-${last.verdict}` : "unseen"}>
                        {t(`verdict.${last?.verdict ?? "none"}`)}
                      </span>
                      {line.attempts.length > 1 && (
                        <span className="soft block text-[0.9375rem] font-normal">
                          {t("kitchen.times", { count: line.attempts.length })}
                        </span>
                      )}
                    </span>
                  </button>
                </li>
              );
            })}
          </ul>
        </section>
      </main>
      <footer className="bench">
        {next ? (
          <button type="button" className="btn btn-primary btn-main" onClick={() => measure(next)}>
            {t("kitchen.measure", { name: next.name.toLowerCase() })}
          </button>
        ) : (
          <Link to="." className="btn btn-outline btn-main pointer-events-none" tabIndex={-1}>
            {t("kitchen.allDone")}
          </Link>
        )}
      </footer>
    </div>
  );
}

/** Places beside the measuring: practice for one alone, the bench to try things on, and how the bake came out. */
function AlsoHere() {
  const { t } = useTranslation();
  const kitchen = useKitchen();
  return (
    <p className="also-links">
      {kitchen.kind === "student" && (
        <Link className="quiet" to="practice">
          {t("kitchen.practice")}
        </Link>
      )}
      <Link className="quiet" to="bench">
        {t("kitchen.bench")}
      </Link>
      <Link className="quiet" to="bake">
        {t("bake.link")}
      </Link>
    </p>
  );
}
