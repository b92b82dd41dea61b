import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import { useDay } from "../kit/useDay";
import { usePeopleRefresh } from "./useSchool";

/** A slip that waits for whoever has it. */
export default function SlipLine({ slip }: { slip: Schemas["SlipRow"] }) {
  const { t } = useTranslation();
  const day = useDay();
  const taking = useSend("delete", "/api/school/slips/{slip}", usePeopleRefresh());
  return (
    <li className="is-waiting">
      <span className="who-is">
        <b>{slip.name}</b>
        <small>{slip.email}</small>
      </span>
      <span>{t(`school.role.${slip.role}`)}</span>
      <span>{t(slip.is_new ? "school.slipWaits" : "school.resetWaits", { day: day(slip.ends_at.slice(0, 10)) })}</span>
      <span className="acts">
        <button
          type="button"
          className="quiet"
          aria-label={t("school.takeBackOf", { name: slip.name })}
          onClick={() => taking.send({ params: { path: { slip: slip.id } } })}
        >
          {t("school.takeBack")}
        </button>
      </span>
    </li>
  );
}
