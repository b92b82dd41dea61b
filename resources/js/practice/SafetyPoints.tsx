import { useTranslation } from "react-i18next";
import { Tick } from "../kit/icons";

/** How many of the safety points a student has shown; all: a tick. */
export default function SafetyPoints({ points, shown }: { points: { id: string }[]; shown: string[] }) {
  const { t } = useTranslation();
  const count = points.filter((point) => shown.includes(point.id)).length;
  return (
    <td className={count === points.length ? "is-shown" : "is-tried num"}>
      {count === points.length && <Tick size={20} />}
      <span className={count === points.length ? "unseen" : ""}>
        {t("ready.safetyOf", { count, of: points.length })}
      </span>
    </td>
  );
}
