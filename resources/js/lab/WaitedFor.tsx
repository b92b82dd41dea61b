import { useTranslation } from "react-i18next";
import { useNow } from "../kit/useNow";

/** Minutes since a moment, in s since 1970. */
export default function WaitedFor({ since }: { since: number }) {
  const { t } = useTranslation();
  const now = useNow(10_000);
  return <>{t("board.minutes", { count: Math.max(0, Math.floor((now - since) / 60)) })}</>;
}
