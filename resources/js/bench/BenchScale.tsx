import { useTranslation } from "react-i18next";
import { shown as asShown } from "../kit/numbers";
import type { Action, Bench, Shown } from "./bench";

const KEYS: Action[] = ["power", "unit", "tare"];
const ALL: Action[] = ["power", "bowl", "tare", "pour"];

/** The drawn scale: its display and keys, and what is put on it. What it shows comes from the server. */
export default function BenchScale({ bench, shown }: { bench: Bench; shown: Shown }) {
  const { t, i18n } = useTranslation();
  const reads = !shown.on
    ? ""
    : shown.overload
      ? t("bench.scale.overload")
      : `${asShown(shown.number ?? 0, shown.decimals, i18n.language)} ${shown.unit}`;
  return (
    <div className="bench-scale">
      <svg viewBox="0 0 400 176" fill="none" aria-hidden>
        {shown.has_bowl && (
          <>
            {shown.poured && (
              <path
                d="M122 48Q200 4 278 48C266 66 240 74 224 74H176C160 74 134 66 122 48Z"
                fill="var(--wash-strong)"
                stroke="currentColor"
                strokeWidth={2}
              />
            )}
            <path d="M100 34C108 74 140 82 168 82H232C260 82 292 74 300 34" stroke="currentColor" strokeWidth={4} />
            <path d="M88 34H312" stroke="currentColor" strokeWidth={4} strokeLinecap="round" />
          </>
        )}
        <path d="M44 88H356" stroke="currentColor" strokeWidth={8} strokeLinecap="round" />
        <path
          d="M60 98H340V152Q340 170 322 170H78Q60 170 60 152Z"
          fill="var(--color-base-200)"
          stroke="currentColor"
          strokeWidth={4}
        />
        <rect x={110} y={108} width={180} height={46} rx={3} fill="var(--color-base-content)" />
        <text
          x={278}
          y={143}
          textAnchor="end"
          fontSize={34}
          fontWeight={700}
          className="display num"
          fill="var(--color-base-100)"
        >
          {reads}
        </text>
      </svg>
      <output className="unseen" aria-live="polite">
        {t("bench.scale.shows", { reads: reads || t("bench.scale.nothing") })}
      </output>
      <div className="bench-keys">
        {KEYS.map((key) => (
          <button key={key} type="button" className="pick" onClick={() => bench.press(key)}>
            {t(`bench.scale.${key}`)}
          </button>
        ))}
        <button type="button" className="pick" aria-pressed={shown.has_bowl} onClick={() => bench.press("bowl")}>
          {t("bench.scale.bowl")}
        </button>
        <button type="button" className="pick" aria-pressed={shown.poured} onClick={() => bench.press("pour")}>
          {t("bench.scale.pour")}
        </button>
        <button type="button" className="pick" onClick={() => bench.press("wait")}>
          {t("bench.scale.wait")}
        </button>
      </div>
      <div className="bench-short">
        <button type="button" className="quiet" disabled={bench.actions.length > 0} onClick={() => bench.press(...ALL)}>
          {t("bench.scale.all")}
        </button>
        <button type="button" className="quiet" disabled={bench.actions.length === 0} onClick={bench.clear}>
          {t("bench.scale.clear")}
        </button>
      </div>
      <p className="bench-note" role="status">
        {shown.note}
      </p>
    </div>
  );
}
