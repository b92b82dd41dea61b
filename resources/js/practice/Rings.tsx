import { useTranslation } from "react-i18next";

/** A metal measure cut open: a ring for each part, no numbers. */
export default function Rings({ rings }: { rings: number }) {
  const { t } = useTranslation();
  return (
    <svg
      className="p-figure"
      viewBox="0 0 400 230"
      fill="none"
      role="img"
      aria-label={t("practice.rings", { count: rings })}
    >
      <path d="M120 14L132 214H268L280 14" stroke="currentColor" strokeWidth={4} strokeLinejoin="round" />
      {Array.from({ length: rings }, (_, i) => {
        const y = 214 - ((i + 1) * 184) / rings;
        return (
          <path
            key={y}
            d={`M${132 - ((214 - y) * 12) / 200} ${y}Q200 ${y + 10} ${268 + ((214 - y) * 12) / 200} ${y}`}
            stroke="currentColor"
            strokeWidth={2.5}
          />
        );
      })}
    </svg>
  );
}
