import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";
import type { Kitchen } from "./kitchen";
import { type Hearer, type News, news } from "./news";

/**
 * What others did, in words, over whatever is open: said once, and there until it is tapped away or more is told. It takes no focus and
 * no key from whoever is typing.
 */
export default function Told({ kitchen, hearer }: { kitchen: Kitchen; hearer: Hearer }) {
  const { t, i18n } = useTranslation();
  const was = useRef(kitchen);
  const [told, tell] = useState<News[]>([]);
  useEffect(() => {
    const heard = news(was.current, kitchen, hearer);
    was.current = kitchen;
    if (heard.length > 0) tell(heard);
  }, [kitchen, hearer]);
  const sentence = ({ id, values, verdict }: News) =>
    t(`told.${id}`, {
      ...values,
      ...(typeof values?.grams === "number" && { grams: shown(values.grams, Number(values.decimals), i18n.language) }),
      ...(verdict && { verdict: t(`verdict.${verdict}`) }),
    });
  return (
    <div className="told-place" role="status">
      {told.length > 0 && (
        <div className="told">
          <span>
            {told.map((one) => (
              <span key={`${one.id} ${one.values?.name ?? ""}`} className="block">
                {sentence(one)}
              </span>
            ))}
          </span>
          <button type="button" className="btn btn-outline" onClick={() => tell([])}>
            {t("told.gotIt")}
          </button>
        </div>
      )}
    </div>
  );
}
