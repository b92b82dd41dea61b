import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useLayoutEffect } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate, useParams } from "react-router";
import client, { asProblem, body } from "../api/client";
import BrokenPage from "../app/BrokenPage";
import FieldProblem from "../kit/FieldProblem";
import { Back } from "../kit/icons";
import Keypad from "../kit/Keypad";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import ScaleDrawing from "../kit/ScaleDrawing";
import { type Draft, dropDraft, useChoice, useDraft } from "./draft";
import { type Kitchen, type Line, useKitchen } from "./kitchen";
import StationHead from "./StationHead";

export default function Weigh() {
  const { line } = useParams();
  const kitchen = useKitchen();
  const found = kitchen.lines.find((one) => one.id === Number(line));
  return found ? <Weighing key={found.id} line={found} /> : <BrokenPage />;
}

/** Sends the weigh-in; on success the draft is gone and the verdict is at hand without another question. */
function useWeighIn(line: Line, draft: Draft) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (choice: { student: number | undefined; scale: number | undefined }) =>
      body(
        client.PUT("/api/weighings/{weighing}", {
          params: { path: { weighing: draft.id } },
          body: {
            line_id: line.id,
            student_id: choice.student ?? null,
            scale_id: choice.scale ?? null,
            grams: draft.grams,
            ticked: draft.ticked,
          },
        }),
      ),
    onSuccess: (result) => {
      queries.setQueryData(["weighing", result.id], result);
      queries.invalidateQueries({ queryKey: ["kitchen"] });
      dropDraft(line.id);
    },
  });
}

const fittest = (kitchen: Kitchen, line: Line) =>
  kitchen.scales.find((scale) => line.fit_scales.includes(scale.id)) ?? kitchen.scales[kitchen.scales.length - 1];

function Weighing({ line }: { line: Line }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const [draft, change] = useDraft(line.id);
  const [student, chooseStudent] = useChoice("student");
  const [usual, setUsual] = useChoice("scale");
  // The one tapped for this very weigh-in; else the usual one, if it can judge so little; else one that can.
  const scale =
    kitchen.scales.find((one) => one.id === draft.scale) ??
    kitchen.scales.find((one) => one.id === usual && line.fit_scales.includes(one.id)) ??
    fittest(kitchen, line);
  const who = kitchen.kind === "student" ? kitchen.students[0]?.id : student;
  const sending = useWeighIn(line, draft);
  const problem = sending.isError ? asProblem(sending.error) : undefined;
  const atField = (...names: string[]) => names.map((name) => problem?.fields[name]?.[0]).find(Boolean);
  const elsewhere =
    problem && !atField("grams", "student_id", "scale_id")
      ? (Object.values(problem.fields)[0]?.[0] ?? problem.message)
      : undefined;

  const check = (event?: FormEvent) => {
    event?.preventDefault();
    if (!sending.isPending) {
      sending.mutate(
        { student: who, scale: scale?.id },
        { onSuccess: (result) => go(`/kitchen/weighings/${result.id}`) },
      );
    }
  };
  const type = (next: (grams: string) => string) => {
    sending.reset();
    change((before) => ({ grams: next(before.grams) }));
  };

  // A keyboard types into the readout wherever the focus is, as on the scale's own screen.
  // Before the first drawing: who sees the readout may type at once.
  useLayoutEffect(() => {
    const hear = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.target instanceof HTMLInputElement) return;
      if (/^[0-9.,]$/.test(event.key)) type((grams) => (grams + event.key).slice(0, 12));
      if (event.key === "Backspace") type((grams) => grams.slice(0, -1));
    };
    window.addEventListener("keydown", hear);
    return () => window.removeEventListener("keydown", hear);
  });

  return (
    <div className="student">
      <StationHead kitchen={kitchen} line={line} />
      <form className="contents" onSubmit={check} noValidate>
        <main className="weigh">
          <section>
            <p className="eyebrow">{line.name}</p>
            <h1 className={`w-amt ${line.amount.length > 11 ? "long" : ""}`}>
              <KitchenFraction>{line.amount}</KitchenFraction>
            </h1>
            <p className="tare-short">{t("weigh.tareShort")}</p>
            <h2 className="h2rim tare-long mt-5">{t("weigh.tareTitle")}</h2>
            <ol className="tare tare-long">
              <li>{t("weigh.bowl")}</li>
              <li>{t("weigh.tare")}</li>
              <li>{t("weigh.add")}</li>
            </ol>
            <fieldset>
              <legend className="label">{t("weigh.which")}</legend>
              <div className="choices">
                {kitchen.scales.map((one) => (
                  <button
                    key={one.id}
                    type="button"
                    className="name"
                    aria-pressed={one.id === scale?.id}
                    onClick={() => {
                      sending.reset();
                      setUsual(one.id);
                      change({ scale: one.id });
                    }}
                  >
                    {one.name}
                    <small>
                      {t("weigh.step", { step: shown(one.step, one.decimals, i18n.language) })}
                      {line.fit_scales.includes(one.id) ? "" : `, ${t("weigh.coarse")}`}
                    </small>
                  </button>
                ))}
              </div>
              <FieldProblem>{atField("scale_id")}</FieldProblem>
            </fieldset>
            {kitchen.kind === "station" && (
              <fieldset className="mt-3">
                <legend className="label">{t("weigh.who")}</legend>
                <div className="choices">
                  {kitchen.students.map((one) => (
                    <button
                      key={one.id}
                      type="button"
                      className="name"
                      aria-pressed={one.id === student}
                      onClick={() => {
                        sending.reset();
                        chooseStudent(one.id);
                      }}
                    >
                      {one.name}
                    </button>
                  ))}
                </div>
                <FieldProblem>{atField("student_id")}</FieldProblem>
              </fieldset>
            )}
          </section>
          <section>
            <div className="screen">
              <input
                className="readout w-full bg-transparent text-right outline-offset-4"
                aria-label={t("weigh.readout")}
                aria-invalid={atField("grams") !== undefined}
                aria-describedby="grams-problem"
                inputMode="none"
                autoComplete="off"
                maxLength={12}
                placeholder={shown(0, scale?.decimals ?? 0, i18n.language)}
                value={draft.grams}
                onChange={(event) => type(() => event.target.value)}
              />
              <span className="unit">g</span>
            </div>
            <FieldProblem id="grams-problem">{atField("grams")}</FieldProblem>
            <FieldProblem>{elsewhere}</FieldProblem>
            {problem?.isSignedOut && (
              <p className="pt-2">
                <Link className="quiet" to={kitchen.kind === "station" ? "/station" : "/join"}>
                  {t("join.again")}
                </Link>
              </p>
            )}
            <Keypad onChange={type} decimals={scale?.decimals ?? 0} />
            <div className="pt-6 scale-room">
              <ScaleDrawing label={t("weigh.scaleAlt")} reads={`${shown(0, scale?.decimals ?? 0, i18n.language)} g`} />
            </div>
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
