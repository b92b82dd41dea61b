import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { type Body, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import TakeOut from "../kit/TakeOut";
import ToolRow from "../kit/ToolRow";
import TechniqueLink from "../technique/TechniqueLink";
import { useSheetRefresh } from "./lab";
import Swaps from "./Swaps";

type Line = Schemas["LabPageLine"];

type Judging = Body<"put", "/api/labs/{lab}/items/{item}">;

const MODES: NonNullable<Judging["mode"]>[] = ["checked", "weight", "volume"];

const STRICTNESS: Judging["strictness"][] = ["structural", "flavour", "free"];

type Props = { lab: number; line: Line; stations: Schemas["LabStation"][]; frozen: boolean };

/** A line of a lab, and how it is judged. */
export default function LabLineRow({ lab, line, stations, frozen }: Props) {
  const { t, i18n } = useTranslation();
  const path = { lab, item: line.item };
  const after = useSheetRefresh();
  const own = line.own_tolerance ? line.tolerance_pct : null;
  const judging = useSend("put", "/api/labs/{lab}/items/{item}", after);
  const taking = useSend("delete", "/api/labs/{lab}/items/{item}", after);
  const judge = (change: Partial<Judging>) =>
    judging.send({
      params: { path },
      body: { strictness: line.strictness, mode: line.mode, tolerance_pct: own, ...change },
    });
  const grams = (number: number, decimals = line.decimals) => shown(number, decimals, i18n.language);
  return (
    <tr>
      <td className="paper running">
        <b className="display text-[1.0625rem]">
          <TechniqueLink family={line.family}>{line.name}</TechniqueLink>
        </b>
        <span className="amt block">
          <KitchenFraction>{line.measure}</KitchenFraction>
        </span>
        {line.only_at && <span className="only-at">{t("lab.onlyAt", { stations: line.only_at.join(", ") })}</span>}
        {line.text && (
          <span className="soft block text-[0.8125rem]">
            <KitchenFraction>{line.text}</KitchenFraction>
          </span>
        )}
      </td>
      <td className="tools">
        {line.fills.length > 0 && <ToolRow fills={line.fills} label={line.plan ?? ""} k={6} />}
        <details className="how">
          <summary className="plan running">
            <KitchenFraction>{line.plan ?? t(line.mode === "volume" ? "lab.byHand" : "lab.weigh")}</KitchenFraction>
          </summary>
          <ul className="running">
            {[line.why, ...line.alternatives].filter(Boolean).map((one) => (
              <li key={one}>
                <KitchenFraction>{one ?? ""}</KitchenFraction>
              </li>
            ))}
          </ul>
        </details>
        {line.notes.map((note) => (
          <p key={note} className="soft running text-[0.8125rem]">
            <KitchenFraction>{note}</KitchenFraction>
          </p>
        ))}
      </td>
      <td className="text-[0.875rem] leading-tight">{line.technique}</td>
      <td>
        <details className="how">
          <summary className="num">
            {line.mode === "volume" ? (
              <span className="soft">{t("lab.noTarget")}</span>
            ) : (
              <>
                <span className="amt">{grams(line.target_g)} g</span>{" "}
                <span className="soft">±{grams(line.tolerance_g, line.tolerance_decimals)}</span>
              </>
            )}
          </summary>
          <ul className="running">
            {line.working.map((one) => (
              <li key={one}>
                <KitchenFraction>{one}</KitchenFraction>
              </li>
            ))}
            {line.source && <li className="soft">{line.source}</li>}
          </ul>
        </details>
        {line.warnings.map((warning) => (
          <p key={warning.text} className="warning running">
            <KitchenFraction>{warning.text}</KitchenFraction>
          </p>
        ))}
        {line.careful && <p className="soft text-[0.8125rem]">{line.careful}</p>}
      </td>
      <td>
        {line.only_at ? null : (
          <>
            <select
              className="judge"
              aria-label={t("lab.strictness", { name: line.name })}
              value={line.strictness}
              disabled={frozen}
              onChange={(event) => judge({ strictness: event.target.value as Judging["strictness"] })}
            >
              {STRICTNESS.map((one) => (
                <option key={one} value={one}>
                  {t(`lab.${one}`)}
                </option>
              ))}
            </select>
            <label className="percent">
              <span className="unseen">{t("lab.toleranceOf", { name: line.name })}</span>±
              <input
                key={line.tolerance_pct}
                inputMode="decimal"
                defaultValue={shown(line.tolerance_pct, Number.isInteger(line.tolerance_pct) ? 0 : 1, i18n.language)}
                maxLength={5}
                disabled={frozen}
                aria-invalid={judging.at("tolerance_pct") !== undefined}
                onBlur={(event) => {
                  const typed = event.target.value.trim().replace(",", ".");
                  if (typed === "" ? own !== null : Number(typed) !== line.tolerance_pct) {
                    judge({ tolerance_pct: typed || null });
                  }
                }}
              />
              %
            </label>
            <select
              className="judge"
              aria-label={t("lab.wayOf", { name: line.name })}
              value={line.mode}
              disabled={frozen}
              onChange={(event) => judge({ mode: event.target.value as NonNullable<Judging["mode"]> })}
            >
              {MODES.map((one) => (
                <option key={one} value={one}>
                  {t(`lab.way.${one}`)}
                </option>
              ))}
            </select>
            <label className="lab-shared">
              <input
                type="checkbox"
                checked={line.shared}
                disabled={frozen}
                onChange={(event) => judge({ shared: event.target.checked })}
              />
              {t("lab.shared")}
            </label>
            {!frozen && (
              <TakeOut
                className="quiet !min-h-8 !px-0 text-[0.875rem]"
                label={t("lab.takeOutLine", { name: line.name })}
                question={t("lab.takeOutSure", { name: line.name })}
                gone={t("lab.isOut", { name: line.name })}
                take={() => taking.send({ params: { path } })}
              >
                {t("lab.takeOut")}
              </TakeOut>
            )}
            {!frozen && stations.length > 0 && <Swaps lab={lab} line={line} stations={stations} />}
            <FieldProblem>{judging.says ?? taking.says}</FieldProblem>
          </>
        )}
      </td>
    </tr>
  );
}
