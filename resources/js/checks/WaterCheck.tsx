import "../../css/student/station.css";
import "../../css/student/weigh.css";
import "../../css/checks.css";
import { type FormEvent, type ReactNode, useEffect, useRef } from "react";
import { useTranslation } from "react-i18next";
import type { Problem } from "../api/client";
import type { Body } from "../api/query";
import KitchenFraction from "../kit/KitchenFraction";
import SendButton from "../kit/SendButton";
import CheckSteps from "./CheckSteps";
import { type CheckTools, type Draft, fillOf, LEAST, type Result, useDraft } from "./checks";
import FillTool from "./FillTool";
import PickTool from "./PickTool";
import ToolResult from "./ToolResult";
import { useArrivalFocus } from "./useArrivalFocus";
import WaterTemperature from "./WaterTemperature";
import WeighWater from "./WeighWater";

type Sent = Body<"put", "/api/checks/{check}">;

type Props = {
  all: CheckTools;
  /** the title's station or desk */
  whose: string;
  result: Result | undefined;
  problem: Problem | undefined;
  isPending: boolean;
  send: (id: string, body: Sent, done: () => void) => void;
  keep: (result: Result) => void;
  keepWord: string;
  leave: ReactNode;
};

/** A tool is looked at, filled with water, weighed three times or more, and told how much it really holds. */
export default function WaterCheck({ all, whose, result, problem, isPending, send, keep, keepWord, leave }: Props) {
  const { t } = useTranslation();
  const [draft, change] = useDraft();
  const form = useRef<HTMLFormElement>(null);
  useArrivalFocus(form, draft.step);
  const tool = all.tools.find((one) => one.id === draft.kind);
  const fill = tool && fillOf(tool, draft.mark);
  const who = draft.student ?? (all.students.length === 1 ? all.students[0]?.id : undefined);
  const scale = draft.scale ?? fill?.fit_scales[0] ?? all.scales[0]?.id;
  const step: Draft["step"] = tool && fill ? (draft.step === "result" && !result ? "temperature" : draft.step) : "pick";
  const at = (field: string) => problem?.fields[field]?.[0];
  const atReading = Object.entries(problem?.fields ?? {}).find(([field]) => field.startsWith("readings"))?.[1]?.[0];
  // A number that its scale cannot show is typed again, where it was typed.
  const bad = Object.keys(problem?.fields ?? {}).find((field) => /^readings\.\d+$/.test(field));
  const badAt = useRef<string>(undefined);
  useEffect(() => {
    const told = bad && `${bad} ${draft.readings.join()}`;
    if (bad === undefined || badAt.current === told) return;
    badAt.current = told;
    const nth = Number(bad.split(".")[1]);
    change({ step: "weigh", typed: draft.readings[nth] ?? "", readings: draft.readings.filter((_, i) => i !== nth) });
  }, [bad, draft.readings, change]);
  const mayBegin = tool && fill && (draft.name ?? "").trim() !== "" && (all.students.length < 2 || who !== undefined);
  const ask = (readings: string[]) => {
    if (!tool || scale === undefined) return;
    send(
      draft.id,
      {
        kind: tool.id,
        name: (draft.name ?? "").trim(),
        place: draft.place === undefined ? all.place : draft.place,
        mark: fill?.mark ?? null,
        readings,
        water: draft.water,
        degrees: draft.degrees,
        scale_id: scale,
        faults: draft.faults,
        ...(who !== undefined && { student_id: who }),
      },
      () => change({ step: "result" }),
    );
  };
  const keepReading = () => {
    if (draft.typed === "") return;
    const readings = [...draft.readings, draft.typed];
    change({ readings, typed: "", scale, step: readings.length < LEAST ? "weigh" : "temperature" });
    if (readings.length >= LEAST && draft.water !== "") ask(readings);
  };
  const next = (event?: FormEvent) => {
    event?.preventDefault();
    if (isPending) return;
    if (step === "pick" && mayBegin) change({ step: "fill", student: who });
    else if (step === "fill") change({ step: "weigh", scale });
    else if (step === "weigh") keepReading();
    else if (step === "temperature" && draft.water !== "") ask(draft.readings);
    else if (step === "result" && result) keep(result);
  };
  const back = { pick: undefined, fill: "pick", weigh: "fill", temperature: "weigh", result: "weigh" } as const;
  return (
    <div className={`student ${step === "weigh" || step === "temperature" ? "one-screen" : ""}`}>
      <header className="shead w-head">
        <b>{whose}</b>
        <span className="h-line">
          <strong>{t("water.title")}</strong>{" "}
          {tool && fill && <KitchenFraction>{fill.mark ?? tool.name}</KitchenFraction>}
        </span>
        {step === "pick" ? leave : <CheckSteps at={step} />}
      </header>
      <form className="contents" onSubmit={next} noValidate ref={form}>
        {step === "pick" && <PickTool all={all} draft={draft} change={change} problem={at("name")} />}
        {step === "fill" && tool && <FillTool tool={tool} draft={draft} change={change} />}
        {step === "weigh" && tool && (
          <WeighWater
            all={all}
            tool={tool}
            draft={{ ...draft, ...(scale !== undefined && { scale }) }}
            change={change}
            problem={atReading ?? at("scale_id")}
          />
        )}
        {step === "temperature" && (
          <WaterTemperature
            draft={draft}
            change={change}
            problem={
              at("water") ?? atReading ?? at("name") ?? (problem && !problem.fields.water ? problem.message : undefined)
            }
          />
        )}
        {step === "result" && result && <ToolResult result={result} />}
        <footer className="bench">
          {step !== "pick" && (
            <button
              type="button"
              className="btn btn-outline btn-second"
              onClick={() => change({ step: back[step] ?? "pick" })}
            >
              {step === "result"
                ? t("water.fourth", { count: draft.readings.length + 1, ordinal: true })
                : t("water.back")}
            </button>
          )}
          <SendButton
            className="btn btn-primary btn-main"
            isPending={isPending}
            disabled={
              (step === "pick" && !mayBegin) ||
              (step === "weigh" && draft.typed === "") ||
              (step === "temperature" && draft.water === "")
            }
          >
            {step === "weigh"
              ? t("water.keepReading", { grams: draft.typed || "…" })
              : step === "result"
                ? keepWord
                : t(`water.go.${step}`)}
          </SendButton>
        </footer>
      </form>
    </div>
  );
}
