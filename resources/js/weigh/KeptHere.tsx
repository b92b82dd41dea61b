import { useTranslation } from "react-i18next";
import { forget, useKept } from "../outbox/outbox";

/** What is still on this device, and what was refused: nothing is lost in silence. */
export default function KeptHere() {
  const { t } = useTranslation();
  const kept = useKept();
  const refused = kept.filter((item) => item.refused !== undefined);
  const count = kept.length - refused.length;
  return (
    <>
      {count > 0 && (
        <span className="kept-here" role="status">
          {t("outbox.kept", { count })}
        </span>
      )}
      {refused.map((item) => (
        <span key={item.id} className="kept-here is-refused" role="alert">
          {t("outbox.refused", { why: item.refused })}
          <button type="button" className="quiet" onClick={() => forget(item.id)}>
            {t("outbox.read")}
          </button>
        </span>
      ))}
    </>
  );
}
