import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import Keypad from "../kit/Keypad";
import NamesToTap from "../kit/NamesToTap";
import { shown } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";
import { useDigits } from "../kit/useDigits";
import { type CheckTools, type Draft, drawn, fillOf, LEAST, type ToolToCheck } from "./checks";
import FillSteps from "./FillSteps";

type Props = {
  all: CheckTools;
  tool: ToolToCheck;
  draft: Draft;
  change: (change: Partial<Draft>) => void;
  problem?: string | undefined;
};

/** A weighing of the water a tool holds, typed; those before it hang below as slots, and are typed again by a tap. */
export default function WeighWater({ all, tool, draft, change, problem }: Props) {
  const { t, i18n } = useTranslation();
  const fill = fillOf(tool, draft.mark);
  const scale = all.scales.find((one) => one.id === draft.scale);
  const type = (next: (before: string) => string) => change({ typed: next(draft.typed) });
  useDigits(type, 8);
  if (!fill) return null;
  const nth = draft.readings.length + 1;
  return (
    <main className="weigh w-weigh">
      <section>
        <h1 className="h2rim">{t("water.filling", { count: nth, ordinal: true })}</h1>
        <FillSteps tool={tool} fill={fill} />
        <div className="w-drawn">
          <ToolRow fills={[drawn(tool, fill.to === "line" ? fill.ml : null)]} label="" k={14} />
        </div>
        <fieldset>
          <legend className="label">{t("weigh.which")}</legend>
          <NamesToTap
            names={[...all.scales]
              .sort((a, b) => Number(fill.fit_scales.includes(b.id)) - Number(fill.fit_scales.includes(a.id)))
              .map(({ id, name, step, decimals }) => {
                const steps = t("weigh.step", { step: shown(step, decimals, i18n.language) });
                return { id, name, under: fill.fit_scales.includes(id) ? steps : `${steps}, ${t("weigh.coarse")}` };
              })}
            chosen={draft.scale}
            onChoose={(id) => change({ scale: id, readings: id === draft.scale ? draft.readings : [] })}
          />
        </fieldset>
        <ul className="w-slots" aria-label={t("water.weighed")}>
          {Array.from({ length: Math.max(LEAST, nth) }, (_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: slots in order
            <li key={i} className={i === nth - 1 ? "is-now" : ""}>
              <small>{i + 1}</small>
              {draft.readings[i] !== undefined ? (
                <button
                  type="button"
                  aria-label={t("water.again", { n: i + 1, grams: draft.readings[i] })}
                  onClick={() =>
                    change({
                      typed: draft.readings[i] ?? "",
                      readings: draft.readings.filter((_, other) => other !== i),
                    })
                  }
                >
                  {draft.readings[i]} g
                </button>
              ) : (
                <span>{i === nth - 1 ? t("water.now") : t("water.toCome")}</span>
              )}
            </li>
          ))}
        </ul>
      </section>
      <section className="weigh-hand">
        <div className="screen">
          <input
            className="readout w-full bg-transparent text-right outline-offset-4"
            aria-label={t("water.reading", { n: nth })}
            aria-invalid={problem !== undefined}
            inputMode="none"
            autoComplete="off"
            maxLength={8}
            placeholder={shown(0, scale?.decimals ?? 0, i18n.language)}
            value={draft.typed}
            onChange={(event) => type(() => event.target.value)}
          />
          <span className="unit">g</span>
        </div>
        <FieldProblem>{problem}</FieldProblem>
        <Keypad onChange={type} decimals={scale?.decimals ?? 0} />
      </section>
    </main>
  );
}
