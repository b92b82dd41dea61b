import { useTranslation } from "react-i18next";
import { useSession } from "./session";

/** On every door of the demo: nobody takes it for a school's own. */
export default function DemoNote() {
  const { t } = useTranslation();
  const session = useSession();
  return session.data?.demo ? <p className="demo-note">{t("welcome.demo")}</p> : null;
}
