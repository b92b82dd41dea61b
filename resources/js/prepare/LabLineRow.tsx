import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";

type Line = Schemas["LabPageLine"];
type Props = { line: Line; isOpen: boolean; open: () => void };

/** A line of a lab in one look: what is measured, with what, how, to which target, and how often careful work is Level. */
export default function LabLineRow({ line, isOpen, open }: Props) {
  const { t, i18n } = useTranslation();
  const grams = (number: number, decimals = line.decimals) => shown(number, decimals, i18n.language);
  return (
    <tr className={isOpen ? "is-open" : ""}>
      <th scope="row" className="paper running">
        <button
          type="button"
          id={`line-${line.position}`}
          className="lab-line"
          aria-expanded={isOpen}
          aria-label={t("lab.settingsOf", { name: line.name })}
          onClick={open}
        >
          <b className="display">{line.name}</b>
          <span className="amt">
            <KitchenFraction>{line.measure}</KitchenFraction>
          </span>
        </button>
        {line.only_at && <span className="only-at">{t("lab.onlyAt", { stations: line.only_at.join(", ") })}</span>}
        {line.swaps.length > 0 && (
          <span className="only-at">
            {line.swaps.map((one) => `${one.station}: ${one.text ?? t("lab.leftOut")}`).join(" · ")}
          </span>
        )}
      </th>
      <td className="tools">
        {line.fills.length > 0 && <ToolRow fills={line.fills} label="" k={4.5} />}
        <span className="plan running">
          <KitchenFraction>{line.plan ?? t(line.mode === "volume" ? "lab.byHand" : "lab.weigh")}</KitchenFraction>
        </span>
      </td>
      <td className="lab-by">{line.technique}</td>
      <td className="num">
        {line.mode === "volume" ? (
          <span className="soft">{t("lab.noTarget")}</span>
        ) : (
          <>
            <span className="amt">{grams(line.target_g)} g</span>{" "}
            <span className="soft">±{grams(line.tolerance_g, line.tolerance_decimals)} g</span>
          </>
        )}
      </td>
      <td>
        {line.careful_times === null ? (
          <span className="soft">–</span>
        ) : (
          <span className={`careful-times num ${line.careful_enough ? "" : "is-few"}`}>
            <b>{line.careful_times}</b>
            <span className="careful-bar" aria-hidden="true">
              <span style={{ width: `${line.careful_times}%` }} />
            </span>
          </span>
        )}
        {line.warnings.length > 0 && (
          <span className="tag-now">{t("lab.warned", { count: line.warnings.length })}</span>
        )}
      </td>
    </tr>
  );
}
