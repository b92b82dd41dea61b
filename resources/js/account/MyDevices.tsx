import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useRefresh, useSend } from "../api/query";
import { useMoment } from "../kit/useMoment";

/** Where one is signed in, and out of all of it but here. */
export default function MyDevices({ sessions }: { sessions: Schemas["Account"]["sessions"] }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const moment = useMoment();
  const ending = useSend("delete", "/api/account/sessions", { onSuccess: () => refresh.of("/api/account") });
  return (
    <section>
      <h2 className="h2rim">{t("account.devices")}</h2>
      <ul className="ends">
        {sessions.map((one) => (
          <li key={`${one.at} ${one.here}`}>
            <b>{t(`account.device.${one.device}`)}</b>
            <span>{one.here ? t("account.here") : ""}</span>
            <time className="num" dateTime={one.at}>
              {moment(one.at)}
            </time>
          </li>
        ))}
      </ul>
      <p className="pt-3">
        <button type="button" className="btn btn-outline min-h-11" onClick={() => ending.send({})}>
          {t("account.elsewhere")}
        </button>
      </p>
      <p className="soft pt-2">{t("account.ends")}</p>
    </section>
  );
}
