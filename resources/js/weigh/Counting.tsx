import { useTranslation } from "react-i18next";
import { Tick } from "../kit/icons";
import { countKind, toCount } from "./counting";
import { useDraft } from "./draft";
import type { Line } from "./kitchen";

/** Eggs one by one; fills as they are tipped: each is done, or said not done, before the scale. */
export default function Counting({ line }: { line: Line }) {
  const { t } = useTranslation();
  const [{ answers = [] }, change] = useDraft(line.id);
  const of = toCount(line);
  if (of === 0) return null;
  const kind = countKind(line);
  const answer = (done: boolean) => change((before) => ({ answers: [...(before.answers ?? []), done].slice(0, of) }));
  return (
    <section className="counting" aria-label={t(line.pieces === null ? "count.fills" : "count.pieces")}>
      <p aria-live="polite">
        {answers.length < of
          ? t(kind === "piece" ? "count.piece" : "count.fill", { n: answers.length + 1, of })
          : t("count.all", { of })}
      </p>
      <span className="count-marks" aria-hidden>
        {Array.from({ length: of }, (_, i) => (
          <i
            // biome-ignore lint/suspicious/noArrayIndexKey: marks are all alike
            key={i}
            className={answers[i] ? "counted" : answers[i] === false ? "left-out" : i === answers.length ? "now" : ""}
          >
            {answers[i] ? <Tick size={18} /> : answers[i] === false && "–"}
          </i>
        ))}
      </span>
      <button type="button" className="btn btn-outline" disabled={answers.length === of} onClick={() => answer(true)}>
        {t(`count.${kind}Is`)}
      </button>
      {answers.length < of && (
        <button type="button" className="quiet" onClick={() => answer(false)}>
          {t("count.notDone")}
        </button>
      )}
      {answers.length > 0 && (
        <button type="button" className="quiet" onClick={() => change({ answers: answers.slice(0, -1) })}>
          {t("count.back")}
        </button>
      )}
    </section>
  );
}
