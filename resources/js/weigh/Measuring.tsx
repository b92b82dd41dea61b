import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { Back, Tick } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import ToolRow from "../kit/ToolRow";
import VerdictGlyph from "../kit/VerdictGlyph";
import TechniqueLink from "../technique/TechniqueLink";
import AlsoOpen from "./AlsoOpen";
import Counting from "./Counting";
import CraftWords from "./CraftWords";
import { countKind, toCount } from "./counting";
import { useDraft } from "./draft";
import Fetching from "./Fetching";
import { type Line, useKitchen } from "./kitchen";
import StationHead from "./StationHead";
import WayChoice from "./WayChoice";
import { lineBy, wayOf } from "./ways";

/** One ingredient: its amount, its tools, its steps. Its target is nowhere near this screen. */
export default function Measuring({ line: planned }: { line: Line }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const [draft, change] = useDraft(planned.id);
  const line = lineBy(planned, wayOf(kitchen, planned, draft));
  const of = toCount(line);
  const left = of - (draft.answers?.length ?? 0);
  const current = line.steps.find((step) => !draft.ticked.includes(step.id));
  const toggle = (id: string) =>
    change({ ticked: draft.ticked.includes(id) ? draft.ticked.filter((one) => one !== id) : [...draft.ticked, id] });
  const things = new Intl.ListFormat(i18n.language, { type: "conjunction" }).format(line.fetch);
  const countOne = () => change((before) => ({ answers: [...(before.answers ?? []), true].slice(0, of) }));
  const toScale = () => go("weigh");

  return (
    <div className="student">
      <StationHead kitchen={kitchen} line={line} />
      <main className="measure">
        <section>
          <AlsoOpen line={line} />
          {line.sent_back !== null && <p className="sent-back">{t("gate.sentBack", { why: line.sent_back })}</p>}
          {line.foreign && <p className="sent-back">{t("shelf.foreign")}</p>}
          <h1>
            <span className="eyebrow block">{line.name}</span>{" "}
            <span className={`w-amt block ${line.amount.length > 11 ? "long" : ""}`}>
              <KitchenFraction>{line.amount}</KitchenFraction>
            </span>
          </h1>
          {line.weigh_out && line.weigh_out !== line.amount && (
            <p className="pt-2 text-[1.375rem] font-semibold">{t("measure.weighOut", { grams: line.weigh_out })}</p>
          )}
          {line.aim && <p className="pt-2 text-[1.375rem] font-semibold">{line.aim}</p>}
          {line.recipe_says !== line.amount && (
            <p className="soft running pt-2">
              <KitchenFraction>{t("measure.recipeSays", { amount: line.recipe_says })}</KitchenFraction>
            </p>
          )}
          {line.fetch.length > 0 && (
            <p className="fetch running">
              <KitchenFraction>{t("measure.fetch", { things })}</KitchenFraction>
            </p>
          )}
          {line.fills.length > 0 && (
            <div className="w-tools">
              <ToolRow fills={line.fills} label={line.fetch.join(", ")} />
            </div>
          )}
          <WayChoice line={line} />
          {line.why_tools && (
            <p className="soft running pt-3 text-[1.0625rem]">
              <KitchenFraction>{line.why_tools}</KitchenFraction>
            </p>
          )}
          {(line.sizes ?? []).map((one) => (
            <p key={one} className="running pt-2 text-[1.0625rem] font-semibold">
              <KitchenFraction>{one}</KitchenFraction>
            </p>
          ))}
          <Counting line={line} />
          <Fetching line={line} />
          {line.watch && (
            <p className="watch">
              <VerdictGlyph verdict={line.watch.leads_to} size={64} hidden />
              <span>{line.watch.text}</span>
            </p>
          )}
          {line.cautions.map((caution) => (
            <p key={caution} className="soft pt-2 text-[1rem]">
              {caution}
            </p>
          ))}
        </section>
        <section>
          <h2 className="unseen">{t("measure.steps")}</h2>
          <TechniqueLink family={line.family} />
          <ol className="todo">
            {line.steps.map((step) => {
              const done = draft.ticked.includes(step.id);
              const now = step === current;
              return (
                <li key={step.id} className={now ? "cur" : ""}>
                  <button
                    type="button"
                    aria-pressed={done}
                    aria-current={now ? "step" : undefined}
                    onClick={() => toggle(step.id)}
                  >
                    <span className={`tick ${done ? "on" : ""}`}>{done && <Tick size={18} />}</span>
                    <span data-aloud={now ? "" : undefined}>{step.text}</span>
                  </button>
                  {now && (
                    <>
                      <p className="why" data-aloud>
                        {t("measure.why", { why: step.why })}
                      </p>
                      <CraftWords texts={[step.text, step.why]} />
                    </>
                  )}
                </li>
              );
            })}
          </ol>
          {line.then.map((then) => (
            <p key={then} className="why">
              {then}.
            </p>
          ))}
        </section>
      </main>
      <footer className="bench">
        {current ? (
          <button
            type="button"
            className="btn btn-outline btn-second"
            onClick={() => change({ ticked: line.steps.map((step) => step.id) })}
          >
            <Tick size={26} />
            <span className="wide">{t("measure.all")}</span>
            <span className="short">{t("measure.allShort")}</span>
          </button>
        ) : (
          <button type="button" className="btn btn-outline btn-second" onClick={() => go("/kitchen")}>
            <Back size={26} />
            <span className="wide">{t("measure.back")}</span>
            <span className="short">{t("measure.backShort")}</span>
          </button>
        )}
        <button
          type="button"
          className="btn btn-primary btn-main"
          onClick={() => (current ? toggle(current.id) : left > 0 ? countOne() : toScale())}
        >
          {current
            ? t("measure.done")
            : left > 0
              ? t(`count.${countKind(line)}Done`, { n: of - left + 1, of })
              : t("measure.toScale")}
        </button>
      </footer>
    </div>
  );
}
