import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import type { Scale } from "../drawer/drawer";
import { shown } from "../kit/numbers";

type Props = { scale: Scale; found: Schemas["ScaleFound"] | undefined };

/** The plate is a level: tilted, much enlarged, by what it shows too much at its heaviest weight. */
export default function ScaleTilt({ scale, found }: Props) {
  const { t, i18n } = useTranslation();
  const tilt = found ? Math.max(-9, Math.min(9, (found.tilt_g / found.allowed_g) * 3)) : 0;
  const said = found
    ? t(found.tilt_g >= 0 ? "scaleCheck.high" : "scaleCheck.low", {
        grams: shown(Math.abs(found.tilt_g), Math.max(1, scale.decimals), i18n.language),
        at: shown(found.at_g, 0, i18n.language),
      })
    : t("scaleCheck.unknown");
  return (
    <figure className="scale-tilt">
      <svg viewBox="0 0 860 116" width="100%" fill="none" role="img" aria-label={said}>
        <path d="M20 26H840" stroke="currentColor" strokeWidth={2.5} strokeDasharray="0.1 9" strokeLinecap="round" />
        <path d={`M40 ${26 + tilt}L820 ${26 - tilt}`} stroke="currentColor" strokeWidth={7} strokeLinecap="round" />
        <path d="M330 34V50M520 34V50" stroke="currentColor" strokeWidth={3} />
        <path d="M250 50H600V84Q600 110 572 110H278Q250 110 250 84Z" stroke="currentColor" strokeWidth={3} />
        <path d="M352 64H498V96H352Z" fill="currentColor" />
        <text x={425} y={87} textAnchor="middle" className="scale-display">
          {found ? `${shown(found.at_g + found.tilt_g, scale.decimals, i18n.language)} g` : "– – –"}
        </text>
      </svg>
      <figcaption>
        <span className="soft">{t("scaleCheck.level")}</span>
        <b>{said}</b>
      </figcaption>
    </figure>
  );
}
