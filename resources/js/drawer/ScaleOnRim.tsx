import { useTranslation } from "react-i18next";
import type { Scale } from "./drawer";
import { useScaleSaid } from "./useScaleSaid";

type Props = { scale: Scale; id: string; isOpen: boolean; tap: () => void };

/** A scale under its plate: its steps, and when it was last right. The plate is dotted until it has been checked. */
export default function ScaleOnRim({ scale, id, isOpen, tap }: Props) {
  const { t } = useTranslation();
  const said = useScaleSaid(scale);
  return (
    <li>
      <button
        type="button"
        id={id}
        className={`hung-one ${scale.out_of_order ? "is-out" : scale.checked_on ? "" : "is-none"}`}
        aria-expanded={isOpen}
        onClick={tap}
      >
        <svg viewBox="0 0 96 42" width={96} height={42} fill="none" aria-hidden="true">
          <path d="M38 0V10M58 0V10" stroke="currentColor" strokeWidth={3} />
          <path d="M8 10H88V26Q88 36 78 36H18Q8 36 8 26Z" stroke="currentColor" strokeWidth={3} />
          <path d="M30 18H66V29H30Z" fill="currentColor" />
          {scale.out_of_order && <path d="M4 40L92 2" stroke="currentColor" strokeWidth={4} />}
        </svg>
        <b>{scale.name}</b>
        <span className="soft">{t("drawer.scaleSteps", said)}</span>
        <span className={scale.out_of_order || !scale.checked_on ? "hung-state" : "soft"}>{said.state}</span>
      </button>
    </li>
  );
}
