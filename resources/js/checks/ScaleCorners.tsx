import { useTranslation } from "react-i18next";

const PLACES = ["middle", "backLeft", "backRight", "frontLeft", "frontRight"] as const;

type Props = { typed: string[]; change: (typed: string[]) => void; done: () => void };

/** The same weight in the middle of the plate and at its corners, typed where it stood. */
export default function ScaleCorners({ typed, change, done }: Props) {
  const { t } = useTranslation();
  return (
    <div className="scale-plate">
      <svg viewBox="0 0 320 130" width="100%" height="100%" preserveAspectRatio="none" fill="none" aria-hidden="true">
        <path d="M50 6H270L314 124H6Z" stroke="currentColor" strokeWidth={2.5} />
      </svg>
      {PLACES.map((place, i) => (
        <input
          key={place}
          className={`place at-${place}`}
          inputMode="decimal"
          maxLength={8}
          aria-label={t(`scaleCheck.corner.${place}`)}
          value={typed[i] ?? ""}
          onChange={(event) => change(typed.map((one, j) => (j === i ? event.target.value : one)))}
          onBlur={done}
        />
      ))}
    </div>
  );
}
