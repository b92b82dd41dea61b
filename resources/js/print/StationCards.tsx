import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";
import Lettered from "./Lettered";
import type { Sheet } from "./PrintLab";

/** Shy, Level and Heaped as outlines to circle. */
const Outlines = () => (
  <span className="outlines" aria-hidden>
    {["C15 22 33 22 39 18", "L39 18", "C15 8 33 8 39 18"].map((surface) => (
      <svg
        key={surface}
        viewBox="0 0 48 44"
        width={30}
        height={27}
        fill="none"
        stroke="currentColor"
        strokeWidth={2}
        aria-hidden
      >
        <path d={`M9 18 ${surface}`} />
        <path d="M9 18 L11.6 35 Q12.3 40 17 40 H31 Q35.7 40 36.4 35 L39 18M2 18H46" />
      </svg>
    ))}
  </span>
);

/** A card a station: tools, technique, boxes for the weights. The bands are under a fold, upside down. */
export default function StationCards({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  const grams = (number: number, decimals: number) => shown(number, decimals, i18n.language);
  return sheet.stations.map((station) => (
    <Lettered key={station.name} title={station.name} under={station.students.join(", ")} sheet={sheet}>
      <p className="every">{t("print.every")}</p>
      <div className="card-rows" data-many={sheet.lines.length > 9}>
        {sheet.lines.map((line) => (
          <div key={line.item} className="card-row">
            <div className="running">
              <b>{line.name}</b>
              <span className={`card-amt ${line.measure.length > 9 ? "long" : ""}`}>
                <KitchenFraction>{line.measure}</KitchenFraction>
              </span>
              <span className="card-initials">{t("print.initials")}</span>
            </div>
            <div className="running">
              {line.fills.length > 0 && <ToolRow fills={line.fills} label={line.plan ?? ""} k={5} />}
              <p className="card-plan">
                <KitchenFraction>
                  {line.plan ?? t("print.weighIt", { grams: grams(line.target_g, line.decimals) })}
                </KitchenFraction>
              </p>
            </div>
            <p>{line.technique}</p>
            {["print.first", "print.second"].map((which) => (
              <div key={which} className="card-try">
                <div className="card-box">
                  <span>{t(which)}</span>
                  <b>g</b>
                </div>
                <Outlines />
              </div>
            ))}
          </div>
        ))}
      </div>
      <p className="fold">
        <span>{t("print.fold")}</span>
      </p>
      <div className="bands">
        <b>{t("print.levelIn")}</b>
        {sheet.lines.map((line) => (
          <span key={line.item}>
            <b className="num">
              {grams(line.low_g, line.tolerance_decimals)}–{grams(line.high_g, line.tolerance_decimals)}
            </b>
            <br />
            {line.name}
          </span>
        ))}
      </div>
    </Lettered>
  ));
}
