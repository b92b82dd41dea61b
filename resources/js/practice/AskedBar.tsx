import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useAsked } from "./useAsked";

/** While the whole class is asked something that this student has not answered: the way there. */
export default function AskedBar() {
  const { t } = useTranslation();
  const asked = useAsked().data?.asked;
  if (!asked || asked.answered || asked.marked) return null;
  return (
    <p className="set-for-me" role="status">
      <Link className="btn btn-now" to="/kitchen/question">
        {t("kitchen.answer")}
      </Link>
      <b>{t("kitchen.asked")}</b>
    </p>
  );
}
