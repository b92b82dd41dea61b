import { useTranslation } from "react-i18next";
import DirectionTags from "../kit/DirectionTags";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import type { Sheet } from "../prepare/lab";
import Lettered from "./Lettered";

/** One print with which a substitute runs the lab without an account: the period, who sits where, what is weighed, who does what. */
export default function SubstituteSheet({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  const grams = (number: number, decimals: number) => shown(number, decimals, i18n.language);
  const adult = sheet.directions.filter((step) => step.by === "teacher");
  return (
    <Lettered
      title={sheet.title}
      kind={t("substitute.title")}
      under={t("substitute.period", { section: sheet.section, from: sheet.starts_at, to: sheet.ends_at })}
      sheet={sheet}
    >
      <ol className="print-steps">
        {(["ready", "tablets", "safety", "measure", "check", "mix", "clean", "after"] as const).map((step) => (
          <li key={step}>{t(`substitute.${step}`)}</li>
        ))}
      </ol>
      <h2>{t("substitute.before")}</h2>
      <ul className="print-steps">
        {sheet.preparation
          .filter((point) => !point.out)
          .map((point) => (
            <li key={point.key}>{point.text}</li>
          ))}
        {sheet.allergens.length > 0 && <li>{t("lab.allergens", { list: sheet.allergens.join(", ") })}</li>}
      </ul>
      {adult.length > 0 && (
        <>
          <h2>{t("substitute.adult")}</h2>
          <ul className="print-steps">
            {adult.map((step) => (
              <li key={step.text}>
                {step.text} <DirectionTags step={step} />
              </li>
            ))}
          </ul>
        </>
      )}
      <h2>{t("substitute.stations")}</h2>
      <table className="print-t">
        <tbody>
          {sheet.stations.map((station) => (
            <tr key={station.id}>
              <th scope="row">{station.name}</th>
              <td>{station.students.join(", ")}</td>
              <td className="num">
                <b>{station.code}</b>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2>{t("substitute.weights")}</h2>
      <table className="print-t">
        <thead>
          <tr>
            <th scope="col">{t("print.name")}</th>
            <th scope="col">{t("print.measure")}</th>
            <th scope="col">{t("substitute.tools")}</th>
            <th scope="col">{t("substitute.between")}</th>
          </tr>
        </thead>
        <tbody>
          {sheet.lines.map((line) => (
            <tr key={line.position}>
              <th scope="row">{line.name}</th>
              <td>
                <KitchenFraction>{line.measure}</KitchenFraction>
              </td>
              <td>
                <KitchenFraction>{line.plan ?? ""}</KitchenFraction>
              </td>
              <td className="num">
                <b>{`${grams(line.low_g, line.decimals)} – ${grams(line.high_g, line.decimals)} g`}</b>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Lettered>
  );
}
