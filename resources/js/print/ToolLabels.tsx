import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import { $api } from "../api/query";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";
import { useDay } from "../kit/useDay";
import PrintWaiting from "./PrintWaiting";

/** A label for each tool, and for the place it belongs. */
export default function ToolLabels() {
  const { t, i18n } = useTranslation();
  const [search] = useSearchParams();
  const day = useDay();
  const drawer = $api.useQuery("get", "/api/drawer");
  if (!drawer.data) return <PrintWaiting error={drawer.error} retry={drawer.refetch} />;
  const only = Number(search.get("tool")) || undefined;
  const named = drawer.data.named.filter((one) => !one.is_retired && (only === undefined || one.id === only));
  const counted = only === undefined ? drawer.data.tools.filter((tool) => tool.count > 0) : [];
  return (
    <section className="paper-page">
      <header>
        <h1>{t("lab.labels")}</h1>
      </header>
      <div className="labels">
        {named.map((tool) => {
          const last = tool.sizes[tool.sizes.length - 1];
          return (
            <article key={`named ${tool.id}`}>
              <ToolRow
                fills={[{ kind: tool.kind, ml: tool.ml, count: 1, nominal: tool.nominal, mark_ml: null }]}
                label={tool.said}
                k={5}
              />
              <b className="running">
                <KitchenFraction>{tool.name}</KitchenFraction>
              </b>
              {tool.sizes.map((size) => (
                <span key={size.mark} className="num">
                  {size.mark && `${size.mark}: `}
                  <b>{shown(size.true_ml, size.true_ml < 10 ? 2 : 1, i18n.language)} mL</b> ±
                  {shown(size.u_ml, size.u_ml < 1 ? 2 : 1, i18n.language)}
                </span>
              ))}
              {last && (
                <span>
                  {t("drawer.named.labelDay", { day: day(last.day), verdict: t(`toolVerdict.${last.verdict}`) })}
                </span>
              )}
            </article>
          );
        })}
        {counted.map((tool) => (
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
