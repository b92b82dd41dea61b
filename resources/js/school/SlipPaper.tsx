import { QRCodeSVG } from "qrcode.react";
import { useTranslation } from "react-i18next";
import Brand from "../kit/Brand";
import { useDay } from "../kit/useDay";
import type { Slip } from "./useSchool";

/** A slip to print or read out. Its code is shown this once. */
export default function SlipPaper({ slip, close }: { slip: Slip; close: () => void }) {
  const { t } = useTranslation();
  const day = useDay();
  const address = `${location.origin}${slip.path}`;
  return (
    <section className="slip-place" aria-label={t("school.slipOf", { name: slip.name })}>
      <div className="slip" data-theme="flour">
        <p className="flex items-center justify-between">
          <span className="brand">
            <Brand />
          </span>
          <span>{slip.school}</span>
        </p>
        <p className="for-whom">{t("school.for", { name: slip.name })}</p>
        <p>{t(slip.is_new ? "school.askedIn" : "school.newPassword")}</p>
        <div className="flex flex-wrap items-center gap-5 pt-2">
          <QRCodeSVG value={address} size={120} title={t("school.slipQr")} marginSize={2} />
          <div>
            <p>{t("school.open", { address: `${location.host}/welcome` })}</p>
            <p className="slip-code">
              {slip.code.split("-").map((group) => (
                <span key={group}>{group}</span>
              ))}
            </p>
          </div>
        </div>
        <p className="soft pt-2">{t("school.once", { day: day(slip.ends_at.slice(0, 10)) })}</p>
      </div>
      <p className="flex flex-wrap gap-2 pt-3 no-print">
        <button type="button" className="btn btn-outline min-h-11" onClick={() => window.print()}>
          {t("school.printSlip")}
        </button>
        <button type="button" className="quiet" onClick={close}>
          {t("school.slipDone")}
        </button>
        <span className="soft self-center">{t(slip.mailed ? "school.mailed" : "school.neverAgain")}</span>
      </p>
    </section>
  );
}
