import { Fragment } from "react";
import { useTranslation } from "react-i18next";

/** Text as a cook writes it: every `1 3/4` in it becomes a real fraction, read out as "1 and three quarters". */
export default function KitchenFraction({ children }: { children: string }) {
  const { t, i18n } = useTranslation();
  const parts = children.split(/((?:\d+ )?\d+\/\d+)/);
  return parts.map((part, i) => {
    const found = part.match(/^(?:(\d+) )?(\d+)\/(\d+)$/);
    // biome-ignore lint/suspicious/noArrayIndexKey: parts of one text, in order
    if (!found) return <Fragment key={i}>{part}</Fragment>;
    const [, whole, top, bottom] = found;
    const word = `fraction.${top}/${bottom}`;
    const fraction = i18n.exists(word) ? t(word) : t("fraction.over", { top, bottom });
    const label = whole ? t("fraction.and", { whole, fraction }) : fraction;
    return (
      // biome-ignore lint/suspicious/noArrayIndexKey: parts of one text, in order
      <span key={i} role="img" aria-label={label} className="whitespace-nowrap">
        {whole && `${whole}\u200A`}
        <span className="fr">
          {top}⁄{bottom}
        </span>
      </span>
    );
  });
}
