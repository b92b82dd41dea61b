import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";
import TechniqueLink from "../technique/TechniqueLink";
import { type Bench, BOWLS, type Options } from "./useSimulator";

const GROUPS = ["preparation", "filling", "settling", "levelling"] as const;
const EYES = [-30, -15, 0, 15, 30, 45];
const ACROSS = [0.1, 0.3];

/** Food, amount and tool; then how the hands work. Only what means something for this food is there. */
export default function Choices({ bench, options }: { bench: Bench; options: Options }) {
  const { t, i18n } = useTranslation();
  const { setup, hands } = bench;
  const isPoured = options.offered.levelling.length === 1;
  const family = options.ingredients.find((one) => one.id === setup.ingredient)?.family;
  const amount = `${setup.amount} ${setup.unit}`;
  return (
    <section className="bench-choices" aria-label={t("bench.choices")}>
      <label className="field">
        <span>{t("bench.food")}</span>
        <select value={setup.ingredient} onChange={(event) => bench.take(event.target.value)}>
          {options.ingredients.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
      <div className="bench-three">
        <label className="field">
          <span>{t("bench.amount")}</span>
          <select
            value={amount}
            onChange={(event) => {
              const [unit = "cup", ...number] = event.target.value.split(" ").reverse();
              bench.put({ amount: number.reverse().join(" "), unit, plan: 0 });
            }}
          >
            {!options.amounts.some((one) => `${one.amount} ${one.unit}` === amount) && <option>{amount}</option>}
            {options.amounts.map((one) => (
              <option key={one.text} value={`${one.amount} ${one.unit}`}>
                {one.text}
              </option>
            ))}
          </select>
        </label>
        <label className="field">
          <span>{t("bench.scale.title")}</span>
          <select
            value={setup.scale}
            onChange={(event) => bench.put({ scale: event.target.value as typeof setup.scale })}
          >
            {options.scales.map((one) => (
              <option key={one.id} value={one.id}>
                {t("weigh.step", { step: shown(one.step, one.decimals, i18n.language) })}
              </option>
            ))}
          </select>
        </label>
        <label className="field">
          <span>{t("bench.bowl")}</span>
          <select value={setup.bowl_g} onChange={(event) => bench.put({ bowl_g: Number(event.target.value) })}>
            {BOWLS.map((grams) => (
              <option key={grams} value={grams}>
                {t(`bench.bowls.${grams}`)}
              </option>
            ))}
          </select>
        </label>
      </div>
      <label className="field">
        <span>{t("bench.tool")}</span>
        <select value={setup.plan} onChange={(event) => bench.put({ plan: Number(event.target.value) })}>
          {options.plans.map((one) => (
            <option key={one.index} value={one.index}>
              {one.text}
            </option>
          ))}
        </select>
      </label>
      {family && (
        <p className="bench-how">
          <TechniqueLink family={family} />
        </p>
      )}
      {GROUPS.filter((group) => options.offered[group].length > 1).map((group) => (
        <fieldset key={group} className="bench-group">
          <legend>{t(`bench.${group}.title`)}</legend>
          {options.offered[group].map((choice, i) => (
            <button
              key={choice}
              type="button"
              className="pick"
              aria-pressed={(hands[group] ?? options.offered[group][0]) === choice}
              onClick={() => bench.work({ [group]: choice })}
            >
              {t(`bench.${group}.${choice === "gaps" && isPoured ? "froth" : choice}`)}
              {i === 0 && <span className="unseen"> ({t("bench.right")})</span>}
            </button>
          ))}
        </fieldset>
      ))}
      {options.reads && (
        <>
          <fieldset className="bench-group">
            <legend>{t("bench.eye.title")}</legend>
            {EYES.map((deg) => (
              <button
                key={deg}
                type="button"
                className="pick"
                aria-pressed={(hands.eye_deg ?? 0) === deg}
                onClick={() => bench.work({ eye_deg: deg })}
              >
                {t(deg === 0 ? "bench.eye.level" : deg > 0 ? "bench.eye.above" : "bench.eye.below", {
                  deg: Math.abs(deg),
                })}
              </button>
            ))}
          </fieldset>
          <fieldset className="bench-group">
            <legend>{t("bench.read.title")}</legend>
            {ACROSS.map((share) => (
              <button
                key={share}
                type="button"
                className="pick"
                aria-pressed={(hands.share_across ?? 0.1) === share}
                onClick={() => bench.work({ share_across: share })}
              >
                {t(share > 0.2 ? "bench.read.far" : "bench.read.near")}
              </button>
            ))}
            <button
              type="button"
              className="pick"
              aria-pressed={hands.curve === "top"}
              onClick={() => bench.work({ curve: hands.curve === "top" ? "bottom" : "top" })}
            >
              {t("bench.read.top")}
            </button>
            <button
              type="button"
              className="pick"
              aria-pressed={hands.held === true}
              onClick={() => bench.work({ held: !hands.held })}
            >
              {t("bench.read.held")}
            </button>
          </fieldset>
        </>
      )}
      {options.empties && (
        <fieldset className="bench-group">
          <legend>{t("bench.empty.title")}</legend>
          {([true, false] as const).map((scraped) => (
            <button
              key={String(scraped)}
              type="button"
              className="pick"
              aria-pressed={(hands.scraped ?? true) === scraped}
              onClick={() => bench.work({ scraped })}
            >
              {t(scraped ? "bench.empty.scraped" : "bench.empty.not")}
            </button>
          ))}
        </fieldset>
      )}
    </section>
  );
}
