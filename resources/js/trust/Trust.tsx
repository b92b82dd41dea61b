import "../../css/school.css";
import { QRCodeSVG } from "qrcode.react";
import { useTranslation } from "react-i18next";
import Brand from "../kit/Brand";
import LanguageButton from "../shell/LanguageButton";

/** The page a tablet opens before it trusts the school: at the door of the plain port, or from within. */
export default function Trust() {
  const { t } = useTranslation();
  const told = document.querySelector<HTMLMetaElement>('meta[name="hovik-address"]')?.content ?? location.origin;
  const door = document.querySelector<HTMLMetaElement>('meta[name="hovik-door"]')?.content;
  const certificate = door ? `${door}/hovik-school.crt` : undefined;
  return (
    <div className="student trust" data-theme="flour">
      <header className="shead">
        <Brand />
        <span className="ml-auto no-print">
          <LanguageButton />
        </span>
      </header>
      <main className="trust-main">
        <h1>{t("trust.title")}</h1>
        <ol className="trust-steps">
          {certificate && (
            <li>
              <QRCodeSVG value={`${door}`} size={132} title={t("trust.doorQr")} marginSize={2} />
              <div>
                <h2>{t("trust.certificate")}</h2>
                <p>
                  <a className="quiet" href={certificate} download>
                    {t("trust.download")}
                  </a>{" "}
                  <span className="soft">{door}</span>
                </p>
                <ul>
                  {(["profile", "settings", "computer"] as const).map((kind) => (
                    <li key={kind}>
                      <b>{t(`trust.${kind}`)}</b> {t(`trust.${kind}How`)}
                    </li>
                  ))}
                </ul>
              </div>
            </li>
          )}
          <li>
            <QRCodeSVG value={told} size={132} title={t("trust.addressQr")} marginSize={2} />
            <div>
              <h2>{t(certificate ? "trust.open2" : "trust.open")}</h2>
              <p className="trust-address">
                <a href={told}>{told.replace(/^https?:\/\//, "")}</a>
              </p>
              <p>{t("trust.openHint")}</p>
            </div>
          </li>
        </ol>
        <section>
          <h2>{t("trust.off")}</h2>
          <ul className="trust-off">
            {!told.startsWith("https:") && !/^http:\/\/(127\.|localhost)/.test(told) && (
              <li>
                <b>{t("trust.noHttps")}</b> {t("trust.noHttpsOff")}
              </li>
            )}
            <li>
              <b>{t("trust.noScale")}</b> {t("trust.noScaleOff")}
            </li>
          </ul>
        </section>
        <p className="no-print">
          <button type="button" className="btn btn-outline min-h-14" onClick={() => window.print()}>
            {t("trust.print")}
          </button>
        </p>
      </main>
    </div>
  );
}
