import { useTranslation } from "react-i18next";
import { canReadAloud, useReadAloud } from "../kit/useReadAloud";

/** Screens read aloud, for whoever likes it; where the browser has a voice. */
export default function VoiceChoice() {
  const { t } = useTranslation();
  const { isOn, turn } = useReadAloud();
  if (!canReadAloud()) return null;
  return (
    <button type="button" className="quiet" aria-pressed={isOn} onClick={() => turn(!isOn)}>
      {t("way.aloud")}
    </button>
  );
}
