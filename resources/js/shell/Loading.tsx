import { useTranslation } from "react-i18next";

/** An empty cup on the rim while something is fetched; quiet, and read out once. */
export default function Loading() {
  const { t } = useTranslation();
  return (
    <p role="status" className="soft p-8 text-[1.125rem]">
      {t("loading")}
    </p>
  );
}
