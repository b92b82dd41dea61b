import { type KeyboardEvent, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useLocation } from "react-router";
import type { TechniquePage } from "./library";
import StepDrawing from "./StepDrawing";
import StepPicture from "./StepPicture";

/** How a family is measured, step by step. */
export default function FamilySteps({ page, pictures }: { page: TechniquePage; pictures: string[] }) {
  const { t } = useTranslation();
  const [at, go] = useState(0);
  const [played, play] = useState(0);
  const mayChange = useLocation().pathname.startsWith("/practise"); // a teacher's own page
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
          {mayChange && (
            <Link className="quiet" to={`/practise/words?find=${encodeURIComponent(step.text)}`}>
              {t("words.these")}
            </Link>
          )}
          {pictures.includes(step.id) && (
            <img
              className="own-picture"
              src={`/api/step-pictures/${step.id}/jpeg`}
              alt={t("picture.of", { what: step.text })}
            />
          )}
          {mayChange && <StepPicture step={step.id} has={pictures.includes(step.id)} />}
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
