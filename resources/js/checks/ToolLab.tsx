import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { signed } from "../kit/numbers";
import SendButton from "../kit/SendButton";
import ToolRow from "../kit/ToolRow";
import { drawn } from "./checks";

/** The board of a tool lab: a rim for each station with what it checks, and what came of it; the class's result on top. */
export default function ToolLab({ page }: { page: Schemas["ToolLabPage"] }) {
  const { t, i18n } = useTranslation();
  const refresh = useRefresh();
  const path = { lab: page.lab_id };
  const after = { onSuccess: () => refresh.all() };
  const opening = useSend("post", "/api/labs/{lab}/open", after);
  const closing = useSend("post", "/api/labs/{lab}/close", after);
  const accepting = useSend("post", "/api/labs/{lab}/tools/accept", after);
  return (
    <main className="checks-one tool-lab">
      <header className="sheet-head">
        <h1>{page.title}</h1>
        <p className="soft">
          {page.section}, {t("toolLab.of", { checked: page.checked, tools: page.tools })}
        </p>
        {page.state === "prepared" && (
          <SendButton
            type="button"
            className="btn btn-primary"
            isPending={opening.isPending}
            onClick={() => opening.send({ params: { path }, body: {} })}
          >
            {t("toolLab.open")}
          </SendButton>
        )}
        {page.waiting > 0 && (
          <SendButton
            type="button"
            className="btn btn-primary"
            isPending={accepting.isPending}
            onClick={() => accepting.send({ params: { path } })}
          >
            {t("toolLab.accept", { count: page.waiting })}
          </SendButton>
        )}
        {page.checked > 0 && (
          <Link className="btn btn-outline" to="/print/labels">
            {t("toolLab.labels")}
          </Link>
        )}
        {page.state === "open" && (
          <SendButton
            type="button"
            className="btn btn-outline"
            isPending={closing.isPending}
            onClick={() => closing.send({ params: { path } })}
          >
            {t("toolLab.close")}
          </SendButton>
        )}
      </header>
      <FieldProblem>{opening.says ?? accepting.says ?? closing.says}</FieldProblem>
      {page.checked > 0 && (
        <p className="experiment-said" role="status">
          {t("toolLab.result", { count: page.checked, fit: page.fit })}
        </p>
      )}
      {page.stations.map((station) => (
        <div key={station.id} className="checked-set">
          <h2>{station.name}</h2>
          <ul className="hung">
            {station.tools.map((one) => (
              <li key={one.name}>
                <div className={`hung-one ${one.found ? "is-checked" : "is-none"}`}>
                  <ToolRow fills={[drawn(one)]} label="" k={6.5} isHung />
                  <b>
                    <KitchenFraction>{one.said}</KitchenFraction>
                  </b>
                  {one.found ? (
                    <>
                      <span className="num">{signed(one.found.deviation_pct, 1, i18n.language)}%</span>
                      <span className={one.found.verdict === "fit" ? "" : "hung-state"}>
                        {t(`toolVerdict.${one.found.verdict}`)}
                      </span>
                    </>
                  ) : (
                    <span className="soft">{t("toolLab.toCome")}</span>
                  )}
                </div>
              </li>
            ))}
            {station.tools.length === 0 && <li className="soft">{t("toolLab.none")}</li>}
          </ul>
        </div>
      ))}
    </main>
  );
}
