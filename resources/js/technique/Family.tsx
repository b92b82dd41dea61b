import { type KeyboardEvent, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import VerdictGlyph from "../kit/VerdictGlyph";
import type { TechniquePage } from "./library";
import StepDrawing from "./StepDrawing";

/** A family's page: one step large, all of them below it; what goes wrong and what it weighs; where cooks disagree. */
export default function Family({ page }: { page: TechniquePage }) {
  const { t, i18n } = useTranslation();
  const list = (words: string[], type: "conjunction" | "disjunction" = "conjunction") =>
    new Intl.ListFormat(i18n.language, { type }).format(words);
  return (
    <>
      <h1>{page.name}</h1>
      <p className="lib-because">
        {page.because}{" "}
        <span className="soft">
          {t("library.foods", { foods: list(page.foods.slice(0, 4).map((food) => food.toLowerCase())) })}
        </span>
      </p>
      <Steps page={page} />
      {page.care.length > 0 && <p className="lib-care">{page.care.join(" ")}</p>}
      <div className="lib-two">
        <section>
          <h2 className="h2rim">{t("library.mistakes")}</h2>
          {page.target ? (
            <>
              <p className="soft lib-note running">
                <KitchenFraction>
                  {t("library.weighed", {
                    amount: page.amount,
                    food: page.example.toLowerCase(),
                    grams: page.target,
                  })}
                </KitchenFraction>
              </p>
              <ul>
                {page.mistakes.map((one) => (
                  <li key={one.cause} className="lib-mistake">
                    <VerdictGlyph verdict={one.verdict} tolerances={one.tolerances} size={40} hidden />
                    <span>
                      <b>{one.said}</b> <span className="soft">{one.tell}</span>
                    </span>
                    <span className="num lib-grams">
                      <b>{one.grams} g</b>
                      <span className={`v-${one.verdict}`}>
                        {t(one.tolerances > 0 ? "library.over" : "library.under", { grams: one.error })}
                      </span>
                    </span>
                  </li>
                ))}
              </ul>
            </>
          ) : (
            <p className="lib-note">{t("library.notMeasured")}</p>
          )}
        </section>
        <section>
          <h2 className="h2rim">{t("library.schools")}</h2>
          {page.schools.length === 0 && <p className="lib-note">{t("library.agreed")}</p>}
          <dl>
            {page.schools.map((one) => (
              <div key={one.question} className="lib-school">
                <dt>{one.question}</dt>
                <dd>
                  {t("library.ours")} <b>{one.ours.toLowerCase()}</b>.
                </dd>
                <dd className="soft">
                  {t("library.others", {
                    ways: list(
                      one.others.map((way) => way.toLowerCase()),
                      "disjunction",
                    ),
                  })}
                </dd>
              </div>
            ))}
          </dl>
        </section>
      </div>
    </>
  );
}

function Steps({ page }: { page: TechniquePage }) {
  const { t } = useTranslation();
  const [at, go] = useState(0);
  const [played, play] = useState(0);
  const strip = useRef<HTMLOListElement>(null);
  const step = page.steps[at];
  if (!step) return null;
  const open = (to: number) => {
    go(to);
    play(played + 1);
  };
  const keys = (event: KeyboardEvent) => {
    const to = { ArrowRight: at + 1, ArrowLeft: at - 1, Home: 0, End: page.steps.length - 1 }[event.key];
    if (to === undefined || !page.steps[to]) return;
    event.preventDefault();
    open(to);
    strip.current?.querySelectorAll("button")[to]?.focus();
  };
  return (
    <section aria-label={t("library.steps")}>
      <div className="lib-step">
        <StepDrawing key={`${step.id} ${played}`} step={step.id} family={page.id} tool={page.tool} moves />
        <div aria-live="polite">
          <p className="soft num">{t("library.stepOf", { step: at + 1, of: page.steps.length })}</p>
          <h2>{step.text}</h2>
          <p>{t("library.why", { why: step.why })}</p>
          {step.care && <p className="lib-care">{step.care}</p>}
          <p className="lib-go">
            <button type="button" className="btn btn-outline" onClick={() => play(played + 1)}>
              {t("library.again")}
            </button>
            <button
              type="button"
              className="btn btn-primary"
              onClick={() => open(at + 1 < page.steps.length ? at + 1 : 0)}
            >
              {t(at + 1 < page.steps.length ? "library.next" : "library.first")}
            </button>
          </p>
        </div>
      </div>
      <ol className="lib-strip" ref={strip}>
        {page.steps.map((one, i) => (
          <li key={one.id}>
            <button
              type="button"
              aria-current={i === at ? "step" : undefined}
              tabIndex={i === at ? 0 : -1}
              onKeyDown={keys}
              onClick={() => open(i)}
            >
              <StepDrawing step={one.id} family={page.id} tool={page.tool} />
              <span>
                {i + 1}. {one.text}
              </span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
