import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { useClassHere } from "../shell/useClassHere";

/** The first lab of a term: the drawer shared out among the stations of the class that is chosen. */
export default function ToolLabButton() {
  const { t } = useTranslation();
  const go = useNavigate();
  const { section } = useClassHere();
  const making = useSend("post", "/api/sections/{section}/tool-lab");
  if (!section) return null;
  return (
    <>
      <SendButton
        type="button"
        className="btn btn-outline"
        isPending={making.isPending}
        onClick={() => making.send({ params: { path: { section: section.id } } }, ({ id }) => go(`/labs/${id}/tools`))}
      >
        {t("drawer.named.class")}
      </SendButton>
      <FieldProblem>{making.says}</FieldProblem>
    </>
  );
}
