import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { Tick } from "./icons";

type Row = Schemas["LikelyCauseRow"];

/** Likely causes, likeliest first: in words and as a bar, with the range each leads to and a way to tell. */
export default function CauseRows({
  rows,
  chosen,
  onChoose,
}: {
  rows: Row[];
  chosen?: Row["id"] | undefined;
  onChoose?: ((id: Row["id"]) => void) | undefined;
}) {
  const { t } = useTranslation();
  return (
    <ol className="causes">
      {rows.map((row) => {
        const inside = (
          <>
            <span className="c-p">
              {row.likely}
              <svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden>
                <path d="M0 4H100" stroke="var(--line)" strokeWidth={8} />
                <path d={`M0 4H${Math.max(2, Math.round(100 * row.p))}`} stroke="currentColor" strokeWidth={8} />
              </svg>
            </span>
            <span className="c-said">{row.said}</span>
            <span className="c-tell">{row.tell}</span>
            <span className="c-range num">{t("causes.reads", { range: row.range })}</span>
            <span className="c-tick" aria-hidden>
              {row.id === chosen && <Tick size={22} />}
            </span>
          </>
        );
        return (
          <li key={row.id}>
            {onChoose ? (
              <button type="button" className="cause" aria-pressed={row.id === chosen} onClick={() => onChoose(row.id)}>
                {inside}
              </button>
            ) : (
              <div className="cause">{inside}</div>
            )}
          </li>
        );
      })}
    </ol>
  );
}
