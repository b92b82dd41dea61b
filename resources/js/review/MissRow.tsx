import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import KitchenFraction from "../kit/KitchenFraction";
import { shown, signed } from "../kit/numbers";

/** One bag, tool, scale or hand about the level line: what it adds, between what and what for sure. What is surely there is filled. */
export default function MissRow({ effect, most }: { effect: Schemas["MissEffect"]; most: number }) {
  const { t, i18n } = useTranslation();
  const x = (grams: number) => 150 + (grams / most) * 140;
  const decimals = Math.abs(effect.grams) < 10 ? 1 : 0;
  return (
    <li className={effect.told ? "is-told" : ""}>
      <span>
        <KitchenFraction>{effect.name}</KitchenFraction>
        {effect.family && <span className="soft"> {t(`family.${effect.family}`)}</span>}
        {effect.of.length > 1 && (
          <span className="soft"> {effect.of.map((one) => t(`misses.source.${one}`)).join(" + ")}</span>
        )}
      </span>
      <svg viewBox="0 0 300 24" preserveAspectRatio="none" fill="none" aria-hidden="true">
        <path d="M150 0V24" stroke="currentColor" strokeWidth={2.5} />
        <path d={`M${x(effect.low_g)} 12H${x(effect.high_g)}`} stroke="currentColor" strokeWidth={3} />
        <rect
          x={x(effect.grams) - 6}
          y={4}
          width={12}
          height={16}
          rx={2}
          fill={effect.told ? (effect.grams > 0 ? "var(--heaped)" : "var(--shy)") : "var(--color-base-100)"}
          stroke="currentColor"
          strokeWidth={2.5}
        />
      </svg>
      <b className="num">{signed(effect.grams, decimals, i18n.language)} g</b>
      <span className="num soft">
        {t("misses.between", {
          low: signed(effect.low_g, decimals, i18n.language),
          high: signed(effect.high_g, decimals, i18n.language),
          n: shown(effect.n, 0, i18n.language),
        })}
      </span>
    </li>
  );
}
