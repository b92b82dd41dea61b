import { useTranslation } from "react-i18next";
import type { Setup } from "./useAskedOfClass";

const COLUMNS = ["cup", "fl-oz", "ml"] as const;
const EYES = ["above", "level", "below"] as const;

type Wanted = { jug_column: string | null; jug_eye: string | null };

/** Which column of the jug is asked about, and from where the eye begins: as the teacher wants. */
export default function JugWanted({ setup, change }: { setup: Setup; change: (part: Partial<Wanted>) => void }) {
  const { t } = useTranslation();
  return (
    <>
      <label className="ready-class">
        <span className="unseen">{t("ready.column")}</span>
        <select value={setup.jug_column ?? ""} onChange={(event) => change({ jug_column: event.target.value || null })}>
          <option value="">{t("ready.anyColumn")}</option>
          {COLUMNS.map((one) => (
            <option key={one} value={one}>
              {t(`ready.columnOf.${one}`)}
            </option>
          ))}
        </select>
      </label>
      {setup.skill === "read-jug" && (
        <label className="ready-class">
          <span className="unseen">{t("ready.eye")}</span>
          <select value={setup.jug_eye ?? ""} onChange={(event) => change({ jug_eye: event.target.value || null })}>
            <option value="">{t("ready.anyEye")}</option>
            {EYES.map((one) => (
              <option key={one} value={one}>
                {t(`ready.eyeFrom.${one}`)}
              </option>
            ))}
          </select>
        </label>
      )}
    </>
  );
}
