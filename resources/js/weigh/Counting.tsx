import { useTranslation } from "react-i18next";
import { Tick } from "../kit/icons";
import { useDraft } from "./draft";
import type { Line } from "./kitchen";

/** Eggs one by one; scoops as they are tipped: which one comes next, and how many are done. */
export default function Counting({ line }: { line: Line }) {
  const { t } = useTranslation();
  const [draft, change] = useDraft(line.id);
  const fills = line.fills.reduce((all, fill) => all + (fill.to_mark === null ? fill.count : 0), 0);
  const of = line.pieces ?? fills;
  if (of < 2) return null;
  const done = Math.min(draft.counted ?? 0, of);
  return (
    <section className="counting" aria-label={t(line.pieces === null ? "count.fills" : "count.pieces")}>
      <p aria-live="polite">
        {done < of
          ? t(line.pieces === null ? "count.fill" : "count.piece", { n: done + 1, of })
          : t("count.all", { of })}
      </p>
      <span className="count-marks" aria-hidden>
        {Array.from({ length: of }, (_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: marks are all alike
          <i key={i} className={i < done ? "counted" : i === done ? "now" : ""}>
            {i < done && <Tick size={18} />}
          </i>
        ))}
      </span>
      <button
        type="button"
        className="btn btn-outline"
        disabled={done === of}
        onClick={() => change({ counted: done + 1 })}
      >
        {t(line.pieces === null ? "count.tipped" : "count.cracked")}
      </button>
      {done > 0 && (
        <button type="button" className="quiet" onClick={() => change({ counted: done - 1 })}>
          {t("count.back")}
        </button>
      )}
    </section>
  );
}
