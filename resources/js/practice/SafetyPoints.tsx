import { useTranslation } from "react-i18next";
import { Tick } from "../kit/icons";

/** How many of the safety points a student has shown; all: a tick. */
export default function SafetyPoints({ shown, of }: { shown: number; of: number }) {
  const { t } = useTranslation();
  return (
    <td className={shown === of ? "is-shown" : "is-tried num"}>
      {shown === of && <Tick size={20} />}
      <span className={shown === of ? "unseen" : ""}>{t("ready.safetyOf", { count: shown, of })}</span>
    </td>
  );
}
