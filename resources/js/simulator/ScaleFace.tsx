import { useTranslation } from "react-i18next";
import { shown as asShown } from "../kit/numbers";
import type { Shown } from "./useSimulator";

type Face = Pick<Shown, "on" | "unit" | "number" | "decimals" | "overload" | "has_bowl" | "poured">;

/** The drawn scale with its bowl and its display; what it shows comes from the server. */
export default function ScaleFace({ shown }: { shown: Face }) {
  const { t, i18n } = useTranslation();
  const reads = !shown.on
    ? ""
    : shown.overload
      ? t("bench.scale.overload")
      : `${asShown(shown.number ?? 0, shown.decimals, i18n.language)} ${shown.unit}`;
  return (
    <>
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
    </>
  );
}
