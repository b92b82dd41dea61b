import { useTranslation } from "react-i18next";
import { $api } from "../api/query";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";
import PrintWaiting from "./PrintWaiting";

/** A label for each tool, and for the place it belongs. */
export default function ToolLabels() {
  const { t, i18n } = useTranslation();
  const drawer = $api.useQuery("get", "/api/drawer");
  if (!drawer.data) return <PrintWaiting error={drawer.error} retry={drawer.refetch} />;
  return (
    <section className="paper-page">
      <header>
        <h1>{t("lab.labels")}</h1>
      </header>
      <div className="labels">
        {drawer.data.tools
          .filter((tool) => tool.count > 0)
          .map((tool) => (
            <article key={tool.id}>
              <ToolRow
                fills={[{ kind: tool.kind, ml: tool.ml, count: 1, nominal: tool.nominal, mark_ml: null }]}
                label={tool.name}
                k={5}
              />
              <b className="running">
                <KitchenFraction>{tool.name}</KitchenFraction>
              </b>
              <span>
                {t(`toolKind.${tool.kind}`)}, {shown(tool.ml, 1, i18n.language)} mL
                {tool.place ? `, ${tool.place}` : ""}
              </span>
              {!tool.fit && <span>{t("drawer.notFit")}</span>}
            </article>
          ))}
      </div>
    </section>
  );
}
