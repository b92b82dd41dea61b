import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import { isAt } from "../lab/board";
import type { Sheet } from "../prepare/lab";
import Lettered from "./Lettered";

/** For a room without devices: written by hand, typed in later. */
export default function BlankSheets({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const judged = sheet.lines.filter((line) => line.mode !== "volume");
  return sheet.stations.map((station) => (
    <Lettered key={station.name} title={station.name} kind={t("lab.blank")} under={t("print.weighIn")} sheet={sheet}>
      <table className="print-t blank running">
        <thead>
          <tr>
            <th scope="col">{t("print.name")}</th>
            <th scope="col">{t("print.initials")}</th>
            <th scope="col" colSpan={3}>
              {t("print.tries")}
            </th>
            <th scope="col">{t("print.verdict")}</th>
          </tr>
        </thead>
        <tbody>
          {judged
            .filter((line) => isAt(line, station.id))
            .map((line) => (
              <tr key={line.position}>
                <th scope="row">
                  {line.name}
                  <br />
                  <span className="font-normal">
                    <KitchenFraction>{line.measure}</KitchenFraction>
                  </span>
                </th>
                <td />
                <td className="cell-box" />
                <td className="cell-box" />
                <td className="cell-box" />
                <td />
              </tr>
            ))}
        </tbody>
      </table>
    </Lettered>
  ));
}
