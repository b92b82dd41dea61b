import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";
import ToolRow from "../kit/ToolRow";
import type { Sheet } from "../prepare/lab";
import Lettered from "./Lettered";

/** Four techniques a page: what to fetch and each step in order. */
export default function TechniqueCards({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const pages = Array.from({ length: Math.ceil(sheet.lines.length / 4) }, (_, i) =>
    sheet.lines.slice(4 * i, 4 * i + 4),
  );
  return pages.map((lines) => (
    <Lettered key={lines[0]?.item} title={t("print.technique")} sheet={sheet}>
      <div className="technique-cards">
        {lines.map((line) => (
          <article key={line.item}>
            <h2 className="running">
              {line.name}{" "}
              <span className="font-normal">
                <KitchenFraction>{line.measure}</KitchenFraction>
              </span>
            </h2>
            {line.fills.length > 0 && <ToolRow fills={line.fills} label={line.plan ?? ""} k={7} />}
            <p className="card-plan running">
              <KitchenFraction>{line.plan ?? t("lab.weigh")}</KitchenFraction>
            </p>
            <ol className="print-steps">
              {[...line.steps, ...line.then_steps].map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
          </article>
        ))}
      </div>
    </Lettered>
  ));
}
