import { QRCodeSVG } from "qrcode.react";
import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import { $api, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import PrintWaiting from "./PrintWaiting";

/** A slip for each student who has no PIN yet: name, class code, QR code and PIN, told this once. */
export default function PinSlips() {
  const { t } = useTranslation();
  const [address] = useSearchParams();
  const section = Number(address.get("class"));
  const of = { params: { path: { section } } };
  const asked = $api.useQuery("get", "/api/sections/{section}", of);
  const making = useSend("post", "/api/sections/{section}/pins");
  if (!asked.data) return <PrintWaiting error={asked.error} retry={asked.refetch} />;
  const { code, settings, students } = asked.data;
  const without = students.filter((student) => !student.has_pin).length;
  const { origin } = window.location;
  return (
    <section className="paper-page">
      <h1>{t("print.pinSlips", { section: settings.name })}</h1>
      {making.data ? (
        <div className="pin-slips">
          {making.data.map((one) => (
            <article key={`${one.name} ${one.pin}`}>
              <div>
                <h2>{one.name}</h2>
                <p>
                  {t("print.pin")} <b className="code-mid">{one.pin}</b>
                </p>
                <p>
                  {origin}/join · <b>{code}</b>
                </p>
              </div>
              <QRCodeSVG
                value={`${origin}/join?class=${code}`}
                size={96}
                marginSize={2}
                title={t("class.qr", { code })}
              />
            </article>
          ))}
        </div>
      ) : (
        <div className="not-printed grid justify-items-start gap-3 py-4">
          <p>{t(without === 0 ? "print.allHavePins" : "print.pinHint", { count: without })}</p>
          {without > 0 && (
            <SendButton
              type="button"
              className="btn btn-primary min-h-11"
              isPending={making.isPending}
              onClick={() => making.send(of)}
            >
              {t("print.makePins", { count: without })}
            </SendButton>
          )}
          <FieldProblem>{making.says}</FieldProblem>
        </div>
      )}
    </section>
  );
}
