import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { type Body, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import TakeOut from "../kit/TakeOut";
import TechniqueLink from "../technique/TechniqueLink";
import { useSheetRefresh } from "./lab";
import Swaps from "./Swaps";

type Line = Schemas["LabPageLine"];
type Judging = Body<"put", "/api/labs/{lab}/items/{item}">;

const MODES: NonNullable<Judging["mode"]>[] = ["checked", "weight", "volume"];

const STRICTNESS: Judging["strictness"][] = ["structural", "flavour", "free"];

type Props = { lab: number; line: Line; stations: Schemas["LabStation"][]; frozen: boolean; close: () => void };

/** All that is settled about one line, and all that is known of it: why these tools, how its target came about. Kept at once. */
export default function LineSettings({ lab, line, stations, frozen, close }: Props) {
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
  const list = (sentences: (string | null)[]) =>
    sentences.filter(Boolean).map((one) => (
      <li key={one}>
        <KitchenFraction>{one ?? ""}</KitchenFraction>
      </li>
    ));
  return (
    <section className="line-settings" aria-label={t("lab.settingsOf", { name: line.name })}>
      <header className="flex items-start justify-between gap-3">
        <h2>
          <TechniqueLink family={line.family}>{line.name}</TechniqueLink>{" "}
          <span className="amt">
            <KitchenFraction>{line.measure}</KitchenFraction>
          </span>
        </h2>
        <button type="button" className="quiet underline" onClick={close}>
          {t("recipe.close")}
        </button>
      </header>
      {line.text && (
        <p className="soft running">
          <KitchenFraction>{line.text}</KitchenFraction>
        </p>
      )}
      {line.warnings.map((warning) => (
        <p key={warning.text} className="warning running">
          <KitchenFraction>{warning.text}</KitchenFraction>
        </p>
      ))}
      {line.careful && <p>{line.careful}</p>}
      {!line.only_at && (
        <>
          <label className="line-row">
            <span>{t("lab.strictnessShort")}</span>
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
          </label>
          <label className="percent line-row">
            <span className="unseen">{t("lab.toleranceOf", { name: line.name })}</span>
            <b aria-hidden="true">±</b>
            <span>
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
              {" %"}
            </span>
          </label>
          <label className="line-row">
            <span>{t("lab.wayShort")}</span>
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
          </label>
          <label className="lab-shared">
            <input
              type="checkbox"
              checked={line.shared}
              disabled={frozen}
              onChange={(event) => judge({ shared: event.target.checked })}
            />
            {t("lab.shared")}
          </label>
          {!frozen && stations.length > 0 && <Swaps lab={lab} line={line} stations={stations} />}
        </>
      )}
      {line.notes.map((note) => (
        <p key={note} className="soft running">
          <KitchenFraction>{note}</KitchenFraction>
        </p>
      ))}
      {line.plan !== null && (
        <details className="how">
          <summary className="plan running">{t("lab.whyThese")}</summary>
          <ul className="running">{list([line.why, ...line.alternatives])}</ul>
        </details>
      )}
      {line.mode !== "volume" && (
        <details className="how">
          <summary className="plan running">{t("lab.howTarget")}</summary>
          <ul className="running">
            {list(line.working)}
            {line.source && <li className="soft">{line.source}</li>}
          </ul>
        </details>
      )}
      {!line.only_at && !frozen && (
        <TakeOut
          className="quiet justify-self-start !px-0"
          label={t("lab.takeOutLine", { name: line.name })}
          question={t("lab.takeOutSure", { name: line.name })}
          gone={t("lab.isOut", { name: line.name })}
          may={() => taking.may({ params: { path } })}
          take={() => taking.send({ params: { path } })}
        >
          {t("lab.takeOut")}
        </TakeOut>
      )}
      <FieldProblem>{judging.says ?? taking.says}</FieldProblem>
    </section>
  );
}
