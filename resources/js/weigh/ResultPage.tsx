import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { List } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import LevelStrip from "../kit/LevelStrip";
import { shown, signed } from "../kit/numbers";
import Working from "../kit/Working";
import { useKept } from "../outbox/outbox";
import BigCup from "./BigCup";
import Causes from "./Causes";
import { weighAgain } from "./draft";
import EmptiedCup from "./EmptiedCup";
import Evidence from "./Evidence";
import { nextLine, type Result, useKitchen } from "./kitchen";
import StationHead from "./StationHead";
import TakeBack from "./TakeBack";

/** "22 g over", in the scale's own decimals. */
function useErrorText(result: Result): string {
  const { t, i18n } = useTranslation();
  const size = Math.abs(result.error_g);
  if (Number(size.toFixed(result.decimals)) === 0) return t("result.exact");
  const grams = shown(size, result.decimals, i18n.language);
  return t(result.error_g > 0 ? "result.over" : "result.under", { grams });
}

/** The verdict as the screen's own cup, the target now that the weight is in, and the reasons to believe both. */
export default function ResultPage({ result }: { result: Result }) {
  const { t, i18n } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const error = useErrorText(result);
  const line = kitchen.lines.find((one) => one.id === result.line_id);
  const next = nextLine(kitchen, useKept(), line);
  const { verdict } = result;
  const close = verdict === "too-close";
  const grams = (number: number, decimals = result.decimals) => shown(number, decimals, i18n.language);
  const name = result.named;
  // What is weighed out stands on the scale still: it is put right there, and weighed again.
  const measureAgain = () => go(`/kitchen/lines/${result.line_id}${result.weighed_out ? "/weigh" : ""}`);
  const goOn = () => go(next ? `/kitchen/lines/${next.id}` : "/kitchen");
  const [finer] = kitchen.scales.filter((one) => one.step < result.step_g).sort((a, b) => a.step - b.step);
  const missed = verdict === "heaped" || verdict === "shy";
  const explained = missed && !result.exam;
  // Right with these very tools: then it is they that run large or small.
  const toolsOwn =
    missed &&
    result.technique?.verdict === "level" &&
    t(verdict === "heaped" ? "result.toolHeaped" : "result.toolShy", {
      grams: grams(result.technique.expected_g, result.target_decimals),
    });

  return (
    <div className="student">
      <StationHead kitchen={kitchen} line={line}>
        <span className="h-line running">
          <strong>{result.name}</strong> <KitchenFraction>{result.amount}</KitchenFraction>
        </span>
        <span className="soft h-who text-[1rem]">{t("result.attempt", { count: result.attempt, ordinal: true })}</span>
      </StationHead>
      <main className="flex flex-1 flex-col">
        <section className={missed ? "v-stage v-low" : "v-stage"}>
          <BigCup verdict={verdict} tolerances={result.tolerances} />
          <div className={`v-in v-on-${verdict}`}>
            {/* The heading has the focus when the screen comes up, so it is what is heard: once, and whole. */}
            <h1
              className="v-word"
              aria-label={t("result.said", {
                verdict: t(`verdict.${verdict}`),
                grams: grams(result.grams),
                error,
                target: grams(result.target_g, result.target_decimals),
              })}
            >
              {t(`verdict.${verdict}`)}
              {close && <small> {t("verdict.too-close-rest")}</small>}
              {verdict === "shy" && <small> {t("verdict.shy-rest")}</small>}
            </h1>
            <p className="v-num">
              <span className="readout">
                {grams(result.grams)}
                <small>{"\u2009"}g</small>
              </span>
              <span className="v-err">
                <b>{close ? t("result.giveOrTake", { error }) : error}</b>
                <span className="num">
                  {close
                    ? t("result.range", {
                        low: grams(result.grams - result.scale_u_g, result.decimals + 1),
                        high: grams(result.grams + result.scale_u_g, result.decimals + 1),
                      })
                    : `${signed(result.error_pct, 1, i18n.language)}%`}
                </span>
              </span>
            </p>
          </div>
          <TakeBack result={result} />
        </section>
        {!missed && (result.gain || result.predicted) && (
          <p className="v-gain">
            {result.predicted && t("result.predicted", { verdict: t(`verdict.${result.predicted}`) })} {result.gain}
          </p>
        )}
        <section className="v-strip">
          <LevelStrip
            large
            targetG={result.target_g}
            lowG={result.low_g}
            highG={result.high_g}
            decimals={result.target_decimals}
            latest={{ grams: result.grams, decimals: result.decimals, verdict, uncertaintyG: result.scale_u_g }}
            earlier={result.earlier}
          />
        </section>
        {explained ? (
          <Causes result={result} working={<Working sentences={result.working} />} />
        ) : (
          <div className="v-why">
            <section>
              <h2 className="h2rim">{t("result.next")}</h2>
              <p>
                <strong>{t(`gloss.${verdict}`)}</strong>{" "}
                {t(`result.${result.exam ? "exam" : close ? "close" : verdict}`)}
              </p>
              {result.advice && <p>{result.advice}</p>}
            </section>
            <section>
              <h2 className="h2rim">{t("result.how")}</h2>
              <ul>
                {result.working.map((sentence) => (
                  <li key={sentence} className="running">
                    <KitchenFraction>{sentence}</KitchenFraction>
                  </li>
                ))}
              </ul>
            </section>
          </div>
        )}
        {kitchen.photos && <Evidence result={result} />}
        {result.cups.length > 0 && (
          <section className="v-cups">
            <h2 className="h2rim">{t("result.emptiedTitle")}</h2>
            {result.cups.some((cup) => cup.left === null) && <p className="pt-2">{t("result.emptiedHint")}</p>}
            {result.cups.map((cup) => (
              <EmptiedCup key={cup.cup} result={result} cup={cup} />
            ))}
          </section>
        )}
        {missed && (result.advice || toolsOwn) && (
          <p className="v-also">
            {result.advice} {toolsOwn}
          </p>
        )}
      </main>
      <footer className="bench">
        {verdict === "level" ? (
          <button type="button" className="btn btn-outline btn-second" onClick={() => go("/kitchen")}>
            <List size={26} />
            <span className="wide">{t("result.all")}</span>
            <span className="short">{t("result.allShort")}</span>
          </button>
        ) : (
          <button type="button" className="btn btn-outline btn-second" onClick={close ? goOn : () => go("/kitchen")}>
            {!close && <List size={26} />}
            <span className="wide">{t(close ? "result.keep" : "result.all")}</span>
            <span className="short">{t(close ? "result.keep" : "result.allShort")}</span>
          </button>
        )}
        {verdict === "level" || result.exam ? (
          <button type="button" className="btn btn-primary btn-main" onClick={goOn}>
            {next ? t("result.goOn", { name: next.named }) : t("result.finish")}
          </button>
        ) : close && finer ? (
          <button
            type="button"
            className="btn btn-primary btn-main"
            onClick={() => {
              weighAgain(kitchen, result.line_id, result.ticked, finer.id);
              go(`/kitchen/lines/${result.line_id}/weigh`);
            }}
          >
            {t("result.finer")}
          </button>
        ) : (
          <button type="button" className="btn btn-primary btn-main" onClick={measureAgain}>
            {t(result.weighed_out ? "result.weighAgain" : "result.again", { name })}
          </button>
        )}
      </footer>
    </div>
  );
}
