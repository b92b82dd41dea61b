import { type FormEvent, useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import FieldProblem from "../kit/FieldProblem";
import { Back } from "../kit/icons";
import Keypad from "../kit/Keypad";
import KitchenFraction from "../kit/KitchenFraction";
import NamesToTap from "../kit/NamesToTap";
import { shown } from "../kit/numbers";
import { useDigits } from "../kit/useDigits";
import ReadScale from "../scale/ReadScale";
import { sources } from "../scale/sources";
import AlsoOpen from "./AlsoOpen";
import BeforeScale from "./BeforeScale";
import CupSlots from "./CupSlots";
import { useChoice, useChosenId, useDraft } from "./draft";
import FromTable from "./FromTable";
import { type Line, useKitchen } from "./kitchen";
import { fieldOf, slotsOf } from "./readings";
import ScaleChoice from "./ScaleChoice";
import StationHead from "./StationHead";
import { useWeighIn } from "./useWeighIn";
import { lineBy, wayOf } from "./ways";

const PREDICTIONS = ["shy", "level", "heaped"] as const;

/** The reading of a scale, typed or from the cable: who, on which scale, how much. */
export default function WeighIn({ line: planned }: { line: Line }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const [draft, change] = useDraft(planned.id);
  const line = lineBy(planned, wayOf(kitchen, planned, draft));
  const [student, chooseStudent] = useChosenId("student");
  const [usual, setUsual] = useChosenId("scale");
  // The one tapped for this very weigh-in; else the usual one, if it can judge so little; else one that can.
  const scale =
    kitchen.scales.find((one) => one.id === draft.scale) ??
    kitchen.scales.find((one) => one.id === usual && line.fit_scales.includes(one.id)) ??
    kitchen.scales.find((one) => one.id === line.best_scale);
  const who = kitchen.kind === "student" ? kitchen.students[0]?.id : student;
  const sending = useWeighIn(line, draft);
  const { problem } = sending;
  // A scale on the cable stays the way for the next weigh-in, too; the practice scale is for this one.
  const [usualSource, setUsualSource] = useChoice("source");
  const [isPractising, practise] = useState(false);
  const source = isPractising ? "simulated" : (sources().find((one) => one === usualSource) ?? "typed");
  const slots = slotsOf(line.cups, draft.emptyFirst ?? false);
  const [atKey, goTo] = useState<string>();
  const at = slots.find((slot) => slot.key === atKey) ?? slots[0]; // which number the keypad types
  const read = at && draft.readings[at.key];
  const coarse = scale && line.together[String(scale.id)];
  const together = coarse && draft.together ? coarse : undefined;
  const said = (field: string) => problem?.fields[field]?.[0];
  const atReading = [...slots.map(fieldOf), "cups"].map(said).find(Boolean);
  const isKnown = atReading ?? said("student_id") ?? said("scale_id") ?? said("ask");
  const elsewhere = problem && !isKnown ? (Object.values(problem.fields)[0]?.[0] ?? problem.message) : undefined;

  const check = (event?: FormEvent, sure = false) => {
    event?.preventDefault();
    if (sending.isPending) return;
    void sending.send({ student: who, scale: scale?.id, together, sure }).then((to) => to && go(to));
  };
  const type = (next: (grams: string) => string) => {
    if (!at) return;
    sending.reset();
    change((before) => ({
      readings: { ...before.readings, [at.key]: next(before.readings[at.key] ?? "") },
      source: "typed",
    }));
  };

  // Where the network may be gone by then, its screen is here already.
  useEffect(() => void import("./KeptScreen"), []);

  useDigits(type, 12);

  return (
    <div className="student one-screen">
      <StationHead kitchen={kitchen} line={line} />
      <form className="contents" onSubmit={check} noValidate>
        <main className="weigh">
          <section>
            <AlsoOpen line={line} />
            <h1>
              <span className="eyebrow block">{line.name}</span>{" "}
              <span className={`w-amt block ${line.amount.length > 11 ? "long" : ""}`}>
                <KitchenFraction>{line.weigh_out ?? line.amount}</KitchenFraction>
              </span>
            </h1>
            {coarse !== undefined && (
              <p className="weigh-together">
                {t("weigh.coarseFor", { scale: scale?.name })}
                <button
                  type="button"
                  className="name"
                  aria-pressed={together !== undefined}
                  onClick={() => change({ together: together === undefined })}
                >
                  {t("weigh.together", { count: coarse })}
                </button>
              </p>
            )}
            {kitchen.asks_prediction && line.weigh_out === null && (
              <fieldset>
                <legend className="label">{t("weigh.predict")}</legend>
                <NamesToTap
                  names={PREDICTIONS.map((id) => ({ id, name: t(`verdict.${id}`) }))}
                  chosen={PREDICTIONS.find((one) => one === draft.predicted)}
                  onChoose={(predicted) => change({ predicted })}
                />
              </fieldset>
            )}
            {line.cups > 0 && at ? <CupSlots line={line} at={at} choose={goTo} /> : <BeforeScale line={line} />}
            <ScaleChoice
              line={line}
              scale={scale}
              problem={said("scale_id")}
              choose={(id) => {
                sending.reset();
                setUsual(id);
                change({ scale: id });
              }}
            />
            {kitchen.kind === "station" && (
              <fieldset className="mt-3">
                <legend className="label">{t("weigh.who")}</legend>
                <NamesToTap
                  names={kitchen.students}
                  chosen={student}
                  onChoose={(id) => {
                    sending.reset();
                    chooseStudent(id);
                  }}
                />
                <FieldProblem>{said("student_id")}</FieldProblem>
              </fieldset>
            )}
          </section>
          <section className="weigh-hand">
            <div className="choices weigh-source">
              {(["typed", ...sources()] as const).map((one) => (
                <button
                  key={one}
                  type="button"
                  className="name"
                  aria-pressed={one === source}
                  onClick={() => {
                    practise(one === "simulated");
                    if (one !== "simulated") setUsualSource(one);
                  }}
                >
                  {t(`scale.source.${one}`)}
                </button>
              ))}
            </div>
            {at && (
              <FromTable
                take={({ grams, report }) => {
                  sending.reset();
                  change((before) => ({
                    readings: { ...before.readings, [at.key]: grams },
                    source: "scale",
                    reports: { ...before.reports, [at.key]: report },
                  }));
                  goTo(slots[slots.indexOf(at) + 1]?.key ?? at.key);
                }}
              />
            )}
            {source !== "typed" && at && (
              <ReadScale
                key={source}
                source={source}
                step={scale?.step ?? 1}
                onTake={(grams, bytes) => {
                  sending.reset();
                  change((before) => ({
                    readings: { ...before.readings, [at.key]: grams },
                    source: source === "simulated" ? "practice" : "scale",
                    reports: { ...before.reports, [at.key]: bytes },
                  }));
                  goTo(slots[slots.indexOf(at) + 1]?.key ?? at.key);
                }}
              />
            )}
            {(source === "typed" || read) && at && (
              <div className="screen">
                <input
                  className="readout w-full bg-transparent text-right outline-offset-4"
                  aria-label={t(`weigh.read.${at.kind}`, { n: at.cup })}
                  aria-invalid={atReading !== undefined}
                  aria-describedby="grams-problem"
                  inputMode="none"
                  autoComplete="off"
                  maxLength={12}
                  placeholder={shown(0, scale?.decimals ?? 0, i18n.language)}
                  value={read ?? ""}
                  onChange={(event) => type(() => event.target.value)}
                />
                <span className="unit">{scale?.may_show_ounces ? (draft.unit ?? "g") : "g"}</span>
              </div>
            )}
            <FieldProblem id="grams-problem">{atReading ?? said("ask")}</FieldProblem>
            {said("ask") && (
              <button type="button" className="btn btn-outline btn-sure" onClick={() => check(undefined, true)}>
                {t("weigh.sure")}
              </button>
            )}
            <FieldProblem>{elsewhere}</FieldProblem>
            {problem?.isSignedOut && (
              <p className="pt-2">
                <Link className="quiet" to={kitchen.kind === "station" ? "/station" : "/join"}>
                  {t("join.again")}
                </Link>
              </p>
            )}
            {source === "typed" && <Keypad onChange={type} decimals={scale?.decimals ?? 0} />}
          </section>
        </main>
        <footer className="bench">
          <button type="button" className="btn btn-outline btn-second" onClick={() => go("..", { relative: "path" })}>
            <Back size={26} />
            <span className="wide">{t("weigh.back")}</span>
            <span className="short">{t("weigh.backShort")}</span>
          </button>
          <button type="submit" className="btn btn-primary btn-main" aria-busy={sending.isPending}>
            {t("weigh.check")}
          </button>
        </footer>
      </form>
    </div>
  );
}
