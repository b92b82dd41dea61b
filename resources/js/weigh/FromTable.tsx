import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { readingsFor } from "../shell/readings";

type Reading = { grams: string; report: string };

/** A number that a computer at the weighing table read and sent to this station: it is taken with a tap, never by itself. */
export default function FromTable({ take }: { take: (reading: Reading) => void }) {
  const { t } = useTranslation();
  const [came, setCame] = useState<Reading>();
  useEffect(() => readingsFor(setCame), []);
  if (!came) return null;
  return (
    <p className="from-table" role="status">
      <span>{t("scale.cameFromTable", { grams: came.grams })}</span>
      <button
        type="button"
        className="name"
        onClick={() => {
          take(came);
          setCame(undefined);
        }}
      >
        {t("scale.takeIt")}
      </button>
    </p>
  );
}
