import { QRCodeSVG } from "qrcode.react";
import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";
import { isAt } from "../lab/board";
import type { Sheet } from "../prepare/lab";
import Lettered from "./Lettered";
import ToolOutlines from "./ToolOutlines";

/** A card a station: tools, technique, boxes for the weights. The bands are under a fold, upside down. */
export default function StationCards({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  const grams = (number: number, decimals: number) => shown(number, decimals, i18n.language);
  return sheet.stations.map((station) => {
    const lines = sheet.lines.filter((line) => isAt(line, station.id));
    // What is not weighed has no band.
    const judged = lines.filter((line) => line.mode !== "volume");
    return (
      <Lettered
        key={station.name}
        title={station.name}
        kind={t("lab.cards")}
        under={station.students.join(", ")}
        mark={
          <QRCodeSVG
            value={`${window.location.origin}/station?code=${station.code}`}
            size={62}
            marginSize={1}
            title={t("print.scanStation", { code: station.code })}
          />
        }
        sheet={sheet}
      >
        <p className="every">{t("print.every")}</p>
        <div className="card-rows" data-many={lines.length > 11 ? "most" : lines.length > 8}>
          {lines.map((line) => {
            const own = line.own.find((one) => one.stations.includes(station.id));
            return (
              <div key={line.position} className="card-row">
                <div className="running">
                  <b>{line.name}</b>
                  <span className={`card-amt ${line.measure.length > 9 ? "card-long" : ""}`}>
                    <KitchenFraction>{line.measure}</KitchenFraction>
                  </span>
                  <span className="card-initials">{t("print.initials")}</span>
                </div>
                <div className="running">
                  {line.fills.length > 0 && <ToolRow fills={line.fills} label={line.plan ?? ""} k={5} />}
                  <p className="card-plan">
                    <KitchenFraction>
                      {own?.plan ??
                        line.plan ??
                        (line.mode === "volume"
                          ? t("lab.byHand")
                          : t("print.weighIt", { grams: grams(line.target_g, line.decimals) }))}
                    </KitchenFraction>
                  </p>
                  {own?.sizes.map((one) => (
                    <p key={one} className="card-plan">
                      <b>{one}</b>
                    </p>
                  ))}
                </div>
                <p>{line.technique}</p>
                {(line.mode === "volume" ? [] : ["print.first", "print.second"]).map((which) => (
                  <div key={which} className="card-try">
                    <div className="card-box">
                      <span>{t(which)}</span>
                      <b>g</b>
                    </div>
                    <ToolOutlines />
                  </div>
                ))}
              </div>
            );
          })}
        </div>
        <p className="fold">
          <span>{t("print.fold")}</span>
        </p>
        <div className="bands">
          <b>{t("print.levelIn")}</b>
          {judged.map((line) => (
            <span key={line.position}>
              <b className="num">
                {grams(line.low_g, line.tolerance_decimals)}–{grams(line.high_g, line.tolerance_decimals)}
              </b>
              <br />
              {line.name}
            </span>
          ))}
        </div>
      </Lettered>
    );
  });
}
