import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";
import type { Entry } from "./weight";

/** px a tenth of the weight, and as far as a bar goes. */
const TENTH = 11;

const MOST = 46;

/** A way of filling: what a cup weighs so, and a bar from the line of the usual way, over it or under it. */
export default function HandlingLine({ handling }: { handling: Entry["handlings"][number] }) {
  const { t, i18n } = useTranslation();
  const long = Math.min(MOST, Math.abs(handling.factor - 1) * 10 * TENTH);
  const isOver = handling.factor > 1;
  return (
    <li className="handling">
      <span>
        {handling.name}
        <span className="soft block">{t(`pantry.advisable.${handling.advisable}`)}</span>
      </span>
      <svg viewBox="-48 0 96 20" width={96} height={20} aria-hidden="true">
        <path d="M-48 10H48" stroke="var(--line)" strokeWidth={1.5} />
        {long > 0 && (
          <rect
            x={isOver ? 0 : -long}
            y={5}
            width={long}
            height={10}
            fill={handling.advisable === "no" ? "var(--color-base-content)" : "var(--color-primary)"}
          />
        )}
        <path d="M0 0V20" stroke="currentColor" strokeWidth={3} />
      </svg>
      <b className="num">
        {handling.grams === null
          ? `× ${shown(handling.factor, 2, i18n.language)}`
          : `${shown(handling.grams, 0, i18n.language)} g`}
      </b>
    </li>
  );
}
