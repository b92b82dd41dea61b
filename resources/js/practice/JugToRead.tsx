import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Question } from "./practice";

const STEP = 10;

/** A jug whose marks and liquid seem to shift while the eye is too high or too low: level with the line they stand right. */
export default function JugToRead({ figure, inWords }: { figure: Question["figure"]; inWords: string | null }) {
  const { t } = useTranslation();
  const [deg, setDeg] = useState(Math.round((figure.eye_deg ?? 30) / STEP) * STEP);
  const full = figure.tool?.ml ?? 237;
  const [left, right, top, base] = [120, 374, 16, 340];
  const at = (ml: number) => base - ((base - top) * ml) / (full * 1.12);
  const level = at(figure.level_ml ?? 0);
  // Near wall, where the marks are, and the surface behind it: from above the surface seems to stand higher.
  const seen = level - Math.tan((deg * Math.PI) / 180) * 30;
  // Quarters and thirds of a cup stand side by side, as on real jugs: in one column they would run into each other.
  const column = (text: string) => (text.endsWith("mL") ? 3 : text.endsWith("fl oz") ? 2 : text.includes("/3") ? 1 : 0);
  const heads = ["cup", "cup", "fl oz", "mL"];
  return (
    <div className="p-jug">
      <svg className="p-figure" viewBox="0 0 440 366" fill="none" role="img" aria-label={inWords ?? t("practice.jug")}>
        <path
          d={`M${left} ${seen}Q${(left + right) / 2} ${seen + 8} ${right} ${seen}V${base - 14}Q${right} ${base} ${right - 16} ${base}H${left + 16}Q${left} ${base} ${left} ${base - 14}Z`}
          fill="color-mix(in oklab, var(--shy) 16%, var(--color-base-100))"
          stroke="currentColor"
          strokeWidth={2}
        />
        {deg !== 0 && (
          <ellipse
            cx={(left + right) / 2}
            cy={seen}
            rx={(right - left) / 2}
            ry={Math.abs(deg) / 3}
            stroke="currentColor"
            strokeWidth={1.5}
          />
        )}
        <path
          d={`M${left - 20} ${top - 12}L${left} ${top + 8}V${base - 14}Q${left} ${base} ${left + 16} ${base}H${right - 16}Q${right} ${base} ${right} ${base - 14}V${top - 12}`}
          stroke="currentColor"
          strokeWidth={4}
          strokeLinejoin="round"
        />
        {(figure.marks ?? []).map((mark) => {
          const x = left + 8 + column(mark.text) * 62;
          return (
            <g key={mark.text}>
              <path d={`M${x} ${at(mark.ml)}h12`} stroke="currentColor" strokeWidth={1.5} />
              <text x={x + 15} y={at(mark.ml) + 4} fontSize={13} fill="currentColor" className="num on-water">
                {mark.text.replace("/", "⁄").replace(" cup", "").replace(" fl oz", "").replace(" mL", "")}
              </text>
            </g>
          );
        })}
        {heads.map((unit, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: columns from left to right
          <text key={i} x={left + 12 + i * 62} y={base + 17} fontSize={13} fontWeight={700} fill="currentColor">
            {unit}
          </text>
        ))}
        <path
          d={`M70 ${level - deg * 2}L${left} ${level}`}
          stroke="currentColor"
          strokeWidth={2}
          strokeDasharray="3 5"
        />
        <g transform={`translate(48 ${Math.max(14, Math.min(340, level - deg * 2))})`}>
          <path d="M-19 0Q0 -17 19 0Q0 17 -19 0Z" fill="var(--color-base-100)" stroke="currentColor" strokeWidth={3} />
          <circle cx={4} cy={0} r={6.5} fill="currentColor" />
        </g>
      </svg>
      <p className="p-eye">
        <button type="button" className="pick" disabled={deg >= 40} onClick={() => setDeg(deg + STEP)}>
          {t("practice.raise")}
        </button>
        <output aria-live="polite">
          {t(deg === 0 ? "practice.eyeLevel" : deg > 0 ? "practice.eyeHigh" : "practice.eyeLow")}
        </output>
        <button type="button" className="pick" disabled={deg <= -40} onClick={() => setDeg(deg - STEP)}>
          {t("practice.lower")}
        </button>
      </p>
    </div>
  );
}
