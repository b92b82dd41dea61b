import { QRCodeSVG } from "qrcode.react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassRefresh } from "./class";

/** What students and tablets come in by; a new code makes the old one worth nothing. */
export default function Codes({ one }: { one: Class }) {
  const { t } = useTranslation();
  const after = useClassRefresh();
  const renewing = useSend("post", "/api/sections/{section}/code", after);
  const renewingStation = useSend("put", "/api/sections/{section}/stations/{station}", after);
  const join = `${window.location.origin}/join?class=${one.code}`;
  return (
    <section>
      <h2 className="h2rim">{t("class.codes")}</h2>
      <div className="flex items-center gap-4 py-3">
        <QRCodeSVG value={join} size={112} title={t("class.qr", { code: one.code })} marginSize={2} />
        <p>
          <b className="display block text-[1.75rem] tracking-wider">{one.code}</b>
          <span className="soft">{t("class.codeHint")}</span>
        </p>
      </div>
      <p className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => renewing.send({ params: { path: { section: one.id } } })}
        >
          {t("class.renew")}
        </button>
        <Link className="btn btn-outline" to={`/print/codes?class=${one.id}`}>
          {t("class.printCodes")}
        </Link>
        <Link className="btn btn-outline" to={`/print/pins?class=${one.id}`}>
          {t("class.pinSlips")}
        </Link>
      </p>
      <FieldProblem>{renewing.says ?? renewingStation.says}</FieldProblem>
      <table className="supplies">
        <tbody>
          {one.stations.map((station) => (
            <tr key={station.id}>
              <th scope="row">{station.name}</th>
              <td className="display tracking-wider">{station.code}</td>
              <td className="text-right">
                <button
                  type="button"
                  className="quiet !min-h-8"
                  aria-label={t("class.renewOf", { name: station.name })}
                  onClick={() =>
                    renewingStation.send({
                      params: { path: { section: one.id, station: station.id } },
                      body: { name: station.name, renew: true },
                    })
                  }
                >
                  {t("class.renewShort")}
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
