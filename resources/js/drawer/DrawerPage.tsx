import { useState } from "react";
import { useTranslation } from "react-i18next";
import DrawerScales from "./DrawerScales";
import type { Drawer } from "./drawer";
import ToolLine from "./ToolLine";

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

/** What the kitchen owns: tools by kind with how many and where, and its scales. */
export default function DrawerPage({ drawer }: { drawer: Drawer }) {
  const { t } = useTranslation();
  const [all, setAll] = useState(false);
  return (
    <main className="sheet">
      <div>
        <header className="sheet-head">
          <h1>{t("drawer.title")}</h1>
          <button type="button" className="btn btn-outline" aria-pressed={all} onClick={() => setAll(!all)}>
            {t(all ? "drawer.owned" : "drawer.all")}
          </button>
        </header>
        {KINDS.map((kind) => {
          const tools = drawer.tools.filter((tool) => tool.kind === kind && (all || tool.count > 0));
          if (tools.length === 0) return null;
          return (
            <section key={kind} className="pb-7">
              <h2 className="h2rim">{t(`toolKind.${kind}`)}</h2>
              {kind === "novelty-scoop" && <p className="note">{t("drawer.notFit")}</p>}
              <ul className="drawer-list">
                {tools.map((tool) => (
                  <ToolLine key={tool.id} tool={tool} />
                ))}
              </ul>
            </section>
          );
        })}
      </div>
      <aside className="sheet-side">
        <DrawerScales drawer={drawer} />
      </aside>
    </main>
  );
}
