import { useTranslation } from "react-i18next";
import type { Line } from "./kitchen";

/** What to do at the scale before it is read: a bowl and tare, a cup and tare, or what was weighed out already. */
export default function BeforeScale({ line, emptyFirst }: { line: Line; emptyFirst: boolean }) {
  const { t } = useTranslation();
  const way = line.weigh_out !== null ? "out" : line.cups === 0 ? "bowl" : emptyFirst ? "emptyFirst" : "cup";
  const steps: Record<typeof way, string[]> = {
    out: [t("weigh.rightFood"), t("weigh.takeOut")],
    bowl: [t("weigh.bowl"), t("weigh.tare"), t("weigh.add")],
    cup: [t("weigh.cupOn"), t("weigh.tare"), t("weigh.cupFull")],
    emptyFirst: [t("weigh.cupEmpty"), t("weigh.cupFull")],
  };
  return (
    <>
      <p className="tare-short">{t(`weigh.short.${way}`)}</p>
      <h2 className="h2rim tare-long mt-5">{t("weigh.tareTitle")}</h2>
      <ol className="tare tare-long">
        {steps[way].map((step) => (
          <li key={step}>{step}</li>
        ))}
        {line.cups > 1 && <li>{t("weigh.sameCup")}</li>}
      </ol>
    </>
  );
}
