import { type KeyboardEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useSearchParams } from "react-router";
import { useIsWide } from "../kit/useIsWide";
import CheckedSets from "./CheckedSets";
import type { Drawer } from "./drawer";
import NamedPanel from "./NamedPanel";
import NewScale from "./NewScale";
import OutOfUse from "./OutOfUse";
import { alongTheRims } from "./rims";
import ScaleOnRim from "./ScaleOnRim";
import ScalePanel from "./ScalePanel";
import SetsAgree from "./SetsAgree";
import ToolLabButton from "./ToolLabButton";
import ToolOnRim from "./ToolOnRim";
import ToolPanel from "./ToolPanel";
import WaitingChecks from "./WaitingChecks";

const KINDS = [
  "dry-cup",
  "measuring-spoon",
  "liquid-measure",
  "top-read-liquid-measure",
  "small-liquid-measure",
  "graduated-dry-measure",
  "butter-wrapper",
  "novelty-scoop",
] as const;

/**
 * What the kitchen owns, hung from a rim a kind and to one scale, and its scales. One that is tapped opens at the side, or below its rim
 * where there is no room.
 */
export default function DrawerPage({ drawer }: { drawer: Drawer }) {
  const { t } = useTranslation();
  const isWide = useIsWide();
  const [all, setAll] = useState(false);
  const [search] = useSearchParams();
  // From a check that was just kept, its tool is open.
  const kept = drawer.named.find((one) => one.name === search.get("tool"));
  const [chosen, setOpen] = useState<string | null>();
  const open = chosen === undefined ? kept && `named-${kept.id}` : (chosen ?? undefined);
  const close = () => {
    setOpen(null);
    if (open !== undefined) document.getElementById(open)?.focus();
  };
  const keys = (event: KeyboardEvent<HTMLElement>) => {
    if (event.key === "Escape" && open !== undefined) close();
    else alongTheRims(event);
  };
  const place = (id: string) => ({ id, isOpen: id === open, tap: () => setOpen(id === open ? null : id) });
  const tool = drawer.tools.find((one) => `tool-${one.id}` === open);
  const named = drawer.named.find((one) => `named-${one.id}` === open);
  const scale = drawer.scales.find((one) => `scale-${one.id}` === open);
  const due = drawer.named.filter((one) => one.due && !one.is_retired).length;
  const scalesDue = drawer.scales.filter((one) => one.due && !one.out_of_order).length;
  const counts = [
    due > 0 && t("drawer.named.countDue", { count: due }),
    scalesDue > 0 && t("drawer.named.countScales", { count: scalesDue }),
  ].filter((one): one is string => one !== false);
  const panel = (
    <>
      {tool && <ToolPanel key={tool.id} tool={tool} close={close} />}
      {named && <NamedPanel key={named.id} tool={named} drawer={drawer} close={close} />}
      {scale && <ScalePanel key={scale.id} scale={scale} close={close} />}
      {open === "scale-new" && <NewScale kinds={drawer.scale_kinds} close={close} />}
    </>
  );
  return (
    <main className="sheet drawer" onKeyDown={keys}>
      <div>
        <header className="sheet-head">
          <div>
            <h1>{t("drawer.title")}</h1>
            {counts.length > 0 && <p className="soft">{counts.join(" · ")}</p>}
          </div>
          <button type="button" className="btn btn-outline" aria-pressed={all} onClick={() => setAll(!all)}>
            {t(all ? "drawer.owned" : "drawer.all")}
          </button>
          <Link className="btn btn-outline" to="/print/labels">
            {t("drawer.named.labels")}
          </Link>
          <ToolLabButton />
          <Link className="btn btn-primary" to="/drawer/check">
            {t("drawer.named.checkOne")}
          </Link>
        </header>
        <CheckedSets drawer={drawer} open={open} tap={(id) => place(id).tap()} />
        {!isWide && named && panel}
        <div className="rims">
          {KINDS.map((kind) => {
            const tools = drawer.tools.filter((one) => one.kind === kind && (all || one.count > 0));
            if (tools.length === 0) return null;
            return (
              <section key={kind} className="rim-of">
                <h2>{t(`toolKind.${kind}`)}</h2>
                <ul className="hung">
                  {tools.map((one) => (
                    <ToolOnRim key={one.id} tool={one} {...place(`tool-${one.id}`)} />
                  ))}
                </ul>
                {kind === "novelty-scoop" && <p className="soft">{t("drawer.notFit")}</p>}
                {!isWide && tools.some((one) => one === tool) && panel}
              </section>
            );
          })}
          <section className="rim-of is-wide">
            <h2>
              {t("drawer.scalesInOrder", {
                count: drawer.scales.filter((one) => !one.out_of_order).length,
                all: drawer.scales.length,
              })}
            </h2>
            <ul className="hung hung-scales">
              {drawer.scales.map((one) => (
                <ScaleOnRim key={one.id} scale={one} {...place(`scale-${one.id}`)} />
              ))}
              <li>
                <button
                  type="button"
                  className="hung-one is-none"
                  id="scale-new"
                  aria-expanded={open === "scale-new"}
                  onClick={place("scale-new").tap}
                >
                  <b className="hung-more" aria-hidden="true">
                    +
                  </b>
                  <b>{t("drawer.newScale")}</b>
                </button>
              </li>
            </ul>
            {!isWide && open?.startsWith("scale-") && panel}
          </section>
        </div>
      </div>
      <aside className="sheet-side">
        {isWide && panel}
        {open === undefined && (
          <>
            <WaitingChecks waiting={drawer.waiting} />
            <SetsAgree sets={drawer.sets} />
            <OutOfUse tools={drawer.tools} open={setOpen} />
          </>
        )}
      </aside>
    </main>
  );
}
