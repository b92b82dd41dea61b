import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useSend } from "../api/query";
import TrueRim from "../checks/TrueRim";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";
import TakeOut from "../kit/TakeOut";
import { type Drawer, type Named, useDrawerRefresh } from "./drawer";
import PanelHead from "./PanelHead";
import SideBySide from "./SideBySide";
import SizeHistory from "./SizeHistory";

/** One certain tool: its own rim against the printed one, how its checks went over the years, and what to do with it. */
export default function NamedPanel({ tool, drawer, close }: { tool: Named; drawer: Drawer; close: () => void }) {
  const { t, i18n } = useTranslation();
  const after = useDrawerRefresh();
  const changing = useSend("put", "/api/drawer/named/{tool}", after);
  const forgetting = useSend("delete", "/api/drawer/named/{tool}", after);
  const [name, setName] = useState(tool.name);
  const path = { tool: tool.id };
  const keep = (change: Partial<Pick<Named, "name" | "place" | "is_retired">>) =>
    changing.send({
      params: { path },
      body: { name: tool.name, place: tool.place, is_retired: tool.is_retired, ...change },
    });
  const last = tool.sizes[tool.sizes.length - 1];
  const ml = (number: number) => shown(number, tool.ml < 10 ? 2 : 1, i18n.language);
  const check = new URLSearchParams({ kind: tool.kind_id, name: tool.name });
  if (tool.place) check.set("place", tool.place);
  if (last?.mark) check.set("mark", last.mark);
  return (
    <section className="hung-panel" aria-label={tool.name}>
      <PanelHead name={tool.name} close={close} />
      {last && (
        <div
          className={
            last.verdict === "fit" || last.verdict === "use-with-correction" ? "named-rim is-full" : "named-rim"
          }
        >
          <p className="soft">{t(last.mark ? "water.printedLine" : "water.printedRim", { ml: ml(last.printed_ml) })}</p>
          <TrueRim
            deviation={last.deviation_pct}
            verdict={tool.is_retired ? "retire" : last.verdict}
            wide={520}
            deep={120}
          />
          <p className="named-ml">
            <b className="readout">{ml(last.true_ml)}</b> <span>mL ±{ml(last.u_ml)}</span>
          </p>
        </div>
      )}
      {last && (
        <p>
          <b className="named-word">{t(`toolVerdict.${last.verdict}`)}.</b> {t(`water.means.${last.verdict}`)}
          {last.faults.length > 0 && ` ${t("water.faults", { faults: last.faults.join(", ") })}`}
        </p>
      )}
      <h3 className="h2rim">
        {t("drawer.named.checks")} {last && <small>{t("drawer.named.allowed", { percent: last.tolerance_pct })}</small>}
      </h3>
      <SizeHistory history={tool.history} />
      <SideBySide tool={tool} drawer={drawer} />
      <label className="line-row">
        <span>{t("water.name")}</span>
        <input
          className="place"
          value={name}
          maxLength={60}
          onChange={(event) => setName(event.target.value)}
          onBlur={() => name.trim() !== "" && name !== tool.name && keep({ name })}
        />
      </label>
      <label className="line-row">
        <span>{t("drawer.where")}</span>
        <select
          className="place"
          value={tool.place ?? ""}
          onChange={(event) => keep({ place: event.target.value || null })}
        >
          <option value="">{t("water.onShelf")}</option>
          {drawer.places.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </label>
      <div className="named-do">
        <Link className="btn btn-primary" to={`/drawer/check?${check}`}>
          {t("drawer.named.check")}
        </Link>
        <Link className="btn btn-outline" to={`/print/labels?tool=${tool.id}`}>
          {t("drawer.named.label")}
        </Link>
        <button
          type="button"
          className="btn btn-outline"
          aria-pressed={tool.is_retired}
          onClick={() => keep({ is_retired: !tool.is_retired })}
        >
          {t(tool.is_retired ? "drawer.named.use" : "drawer.named.retire")}
        </button>
      </div>
      <TakeOut
        className="quiet justify-self-start"
        label={t("drawer.named.forgetThis", { name: tool.name })}
        question={t("drawer.named.forgetSure", { name: tool.name })}
        gone={t("lab.isOut", { name: tool.name })}
        take={() => forgetting.send({ params: { path } })}
      >
        {t("drawer.named.forget")}
      </TakeOut>
      <FieldProblem>{changing.says ?? forgetting.says}</FieldProblem>
    </section>
  );
}
