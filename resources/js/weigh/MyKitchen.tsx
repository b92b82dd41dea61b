import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useLocation, useNavigate } from "react-router";
import FieldProblem from "../kit/FieldProblem";
import NamesToTap from "../kit/NamesToTap";
import VerdictGlyph from "../kit/VerdictGlyph";
import { useKept } from "../outbox/outbox";
import LanguageButton from "../shell/LanguageButton";
import { useSignOut } from "../shell/session";
import AlsoHere from "./AlsoHere";
import Directions from "./Directions";
import { useChosenId } from "./draft";
import Gate from "./Gate";
import Ingredients from "./Ingredients";
import { type Line, nextLine, useKitchen } from "./kitchen";
import LargePrint from "./LargePrint";
import { TO_SET_UP } from "./SetUpFirst";
import StationCheck, { useIsDone } from "./StationCheck";
import StationHead from "./StationHead";
import { useHappened } from "./useHappened";
import VoiceChoice from "./VoiceChoice";

/** What to do now: who is measuring, and the ingredients with how they stand. */
export default function MyKitchen() {
  const { t } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const leaving = useSignOut();
  const [student, choose] = useChosenId("student");
  const [asked, setAsked] = useState(false);
  const [cleaning, clean] = useState(false);
  // Who came by a link to an ingredient is led here first.
  const [settingUp, setUp] = useState(useLocation().state === TO_SET_UP);
  const known = kitchen.students.some((one) => one.id === student);
  const mustChoose = kitchen.kind === "station" && !known;
  const kept = useKept();
  const next = nextLine(kitchen, kept);
  const { happened, problem } = useHappened();
  const leave = () => leaving.mutate(undefined, { onSettled: () => go("/") });
  const measure = (line: Line) => (mustChoose ? setAsked(true) : toSetUp ? setUp(true) : go(`lines/${line.id}`));

  // A station's tablet sets up before all else; on a student's own phone, practice may come before the lab.
  const isDone = useIsDone();
  const toSetUp = kitchen.set_up !== null && !isDone("set-up", kitchen.set_up);
  const checking = toSetUp && (kitchen.kind === "station" || settingUp) ? "set-up" : cleaning ? "clean-up" : undefined;
  const check = checking === "set-up" ? kitchen.set_up : kitchen.clean_up;
  if (checking && check && !isDone(checking, check)) {
    return (
      <div className="student">
        <StationHead kitchen={kitchen}>
          {checking === "clean-up" || kitchen.kind === "student" ? (
            <button
              type="button"
              className="quiet"
              onClick={() => {
                clean(false);
                setUp(false);
              }}
            >
              {t("check.back")}
            </button>
          ) : (
            <button type="button" className="quiet" onClick={leave}>
              {t("kitchen.leave")}
            </button>
          )}
        </StationHead>
        <StationCheck key={checking} kind={checking} check={check} />
      </div>
    );
  }

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
          <h1>
            {t(kitchen.station === null ? "kitchen.noStation" : kitchen.rests ? "kitchen.closed" : "kitchen.noLab")}
          </h1>
          <p className="text-[1.25rem]">
            {t(
              kitchen.station === null
                ? "kitchen.noStationHint"
                : kitchen.rests
                  ? "kitchen.closedHint"
                  : kitchen.set_up
                    ? "check.waiting"
                    : "kitchen.noLabHint",
            )}
          </p>
          {kitchen.rests && (
            <Link className="quiet" to="/station">
              {t("kitchen.anotherLab")}
            </Link>
          )}
          {toSetUp && (
            <button type="button" className="btn btn-now to-set-up" onClick={() => setUp(true)}>
              {t("check.toSetUp")}
            </button>
          )}
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
        {kitchen.paused && (
          <p className="paused" role="status">
            {t("gate.paused")}
          </p>
        )}
        <section>
          {kitchen.kind === "station" ? (
            <>
              <h2 className="h2rim">{t("kitchen.who")}</h2>
              <NamesToTap
                className="whos"
                names={kitchen.students}
                chosen={student}
                onChoose={(id) => {
                  choose(id);
                  setAsked(false);
                }}
              />
              <FieldProblem>{problem}</FieldProblem>
              <FieldProblem>{asked && mustChoose ? t("kitchen.pickFirst") : undefined}</FieldProblem>
            </>
          ) : (
            <>
              <h2 className="h2rim">{kitchen.name}</h2>
              <p className="py-3">{kitchen.section}</p>
            </>
          )}
          {toSetUp && (
            <button type="button" className="btn btn-now to-set-up" onClick={() => setUp(true)}>
              {t("check.toSetUp")}
            </button>
          )}
          {kitchen.lab.tools ? (
            <Link className="btn btn-primary to-set-up" to="check">
              {t("kitchen.checkTools")}
            </Link>
          ) : (
            <Gate />
          )}
          <AlsoHere />
          <p className="own-links">
            <button type="button" className="quiet" onClick={leave}>
              {t("kitchen.leave")}
            </button>
            <LanguageButton />
            <LargePrint />
            <VoiceChoice />
          </p>
        </section>
        <section>
          {kitchen.gate?.directions && <Directions />}
          <Ingredients next={next} measure={measure} />
          {!kitchen.gate?.directions && <Directions />}
        </section>
      </main>
      <footer className="bench">
        {kitchen.clean_up && !isDone("clean-up", kitchen.clean_up) && (
          <button type="button" className="btn btn-outline btn-second" onClick={() => clean(true)}>
            {t("check.toClean")}
          </button>
        )}
        {kitchen.gate?.ready ? (
          <p className="all-done">{t("gate.waiting")}</p>
        ) : kitchen.gate?.can_be_ready && !kitchen.gate.released ? (
          <button type="button" className="btn btn-primary btn-main" onClick={() => happened("ready")}>
            {t("gate.ready")}
          </button>
        ) : next ? (
          <button type="button" className="btn btn-primary btn-main" onClick={() => measure(next)}>
            {t("kitchen.measure", { name: next.named })}
          </button>
        ) : (
          <p className="all-done">
            {t(
              kitchen.in_between
                ? "kitchen.putAway"
                : isDone("clean-up", kitchen.clean_up)
                  ? "check.cleaned"
                  : "kitchen.allDone",
            )}
          </p>
        )}
      </footer>
    </div>
  );
}
