import { QRCodeSVG } from "qrcode.react";
import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import { $api } from "../api/query";
import PrintWaiting from "./PrintWaiting";

/** A poster by which a class comes in, and a card for each station's tablet, with QR codes. */
export default function CodeCards() {
  const { t } = useTranslation();
  const [address] = useSearchParams();
  const section = Number(address.get("class"));
  const asked = $api.useQuery("get", "/api/sections/{section}", { params: { path: { section } } });
  if (!asked.data) return <PrintWaiting error={asked.error} retry={asked.refetch} />;
  const { code, stations, settings } = asked.data;
  const { origin } = window.location;
  return (
    <>
      <section className="paper-page code-poster">
        <h1>{settings.name}</h1>
        <QRCodeSVG value={`${origin}/join?class=${code}`} size={320} marginSize={2} title={t("class.qr", { code })} />
        <p className="code-big">{code}</p>
        <p>{t("print.posterHint", { address: `${origin}/join` })}</p>
      </section>
      <section className="paper-page">
        <h1>{t("print.stationCodes", { section: settings.name })}</h1>
        <div className="code-cards">
          {stations.map((station) => (
            <article key={station.id}>
              <h2>{station.name}</h2>
              <QRCodeSVG
                value={`${origin}/station?code=${station.code}`}
                size={150}
                marginSize={2}
                title={t("class.qr", { code: station.code })}
              />
              <p className="code-mid">{station.code}</p>
              <p>{t("print.cardHint")}</p>
            </article>
          ))}
        </div>
      </section>
    </>
  );
}
