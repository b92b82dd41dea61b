import { useTranslation } from "react-i18next";
import CraftWords from "./CraftWords";
import type { Line } from "./kitchen";

/** What to do at the scale before it is read: with a bowl, or with what was weighed out into one already. */
export default function BeforeScale({ line }: { line: Line }) {
  const { t } = useTranslation();
  const way = line.weigh_out === null ? "bowl" : "out";
  const steps = way === "out" ? ["rightFood", "takeOut"] : ["bowl", "tare", "add"];
  return (
    <>
      <p className="tare-short">{t(`weigh.short.${way}`)}</p>
      <div className="tare-head tare-long">
        <h2 className="h2rim mt-5">{t("weigh.tareTitle")}</h2>
        <CraftWords texts={[t("craft.tare.name")]} />
      </div>
      <ol className="tare tare-long">
        {steps.map((step) => (
          <li key={step}>{t(`weigh.${step}`)}</li>
        ))}
      </ol>
    </>
  );
}
