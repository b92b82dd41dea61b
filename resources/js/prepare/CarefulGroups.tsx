import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { type Sheet, useSheetRefresh } from "./lab";

type Group = Sheet["careful"][number];

/** Where a remedy is done, when it is done elsewhere. */
const PLACES: Partial<Record<Group["remedy"], string>> = {
  "own-cup": "/pantry",
  "finer-scale": "/drawer",
  "narrower-vessel": "/drawer",
};

/** Lines on which careful work would be Level too seldom: one warning for each thing that helps, with that thing as a button. */
export default function CarefulGroups({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const widening = useSend("put", "/api/labs/{lab}/items/{item}", useSheetRefresh());
  const widen = (group: Group) => {
    for (const { item, strictness, percent } of group.items) {
      if (percent !== null) {
        widening.send({
          params: { path: { lab: sheet.id, item } },
          body: { strictness, tolerance_pct: String(percent) },
        });
      }
    }
  };
  if (sheet.careful.length === 0) return null;
  return (
    <div className="careful">
      <h3 className="side-h">{t("lab.careful")}</h3>
      {sheet.careful.map((group) => {
        const place = PLACES[group.remedy];
        const canWiden = group.remedy === "wider-tolerance" && sheet.state === "prepared";
        return (
          <div key={group.remedy} className="note" data-settle>
            <p>{group.names.join(", ")}</p>
            <p className="soft">{group.says}</p>
            {place && (
              <Link className="desk-link" to={place}>
                {t(`lab.remedy.${group.remedy}`)}
              </Link>
            )}
            {canWiden && group.items.some((one) => one.percent !== null) && (
              <button type="button" className="btn btn-outline" onClick={() => widen(group)}>
                {t("lab.remedy.wider-tolerance", {
                  percent: [...new Set(group.items.map((one) => one.percent).filter((one) => one !== null))].join(
                    "%, ",
                  ),
                })}
              </button>
            )}
          </div>
        );
      })}
      <FieldProblem>{widening.says}</FieldProblem>
    </div>
  );
}
