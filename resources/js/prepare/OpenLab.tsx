import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import type { Sheet } from "./lab";

/** Opens a prepared lab, what cannot be reached said first; one that was opened leads to its board. */
export default function OpenLab({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  // Even perfect work would miss these: nothing opens without that question.
  const isFar = sheet.out_of_reach.length > 0;
  const opening = useSend("post", "/api/labs/{lab}/open", {
    onSuccess: () => {
      refresh.all();
      go(`/labs/${sheet.id}`);
    },
  });
  if (sheet.state !== "prepared") {
    return (
      <>
        <Link className="btn btn-primary h-12 text-[1.0625rem]" to={`/labs/${sheet.id}`}>
          {t("lab.toBoard")}
        </Link>
        <p className="soft">{t("lab.frozen")}</p>
      </>
    );
  }
  return (
    <>
      <SendButton
        type="button"
        className="btn btn-primary h-12 text-[1.0625rem]"
        isPending={opening.isPending}
        onClick={() => opening.send({ params: { path: { lab: sheet.id } }, body: { anyway: isFar } })}
      >
        {t(isFar ? "lab.openAnyway" : "lab.open")}
      </SendButton>
      <p className={isFar ? "warning" : "soft"}>
        {isFar ? t("lab.outOfReach", { names: sheet.out_of_reach.join(", ") }) : t("lab.openHint")}
      </p>
      <FieldProblem>{opening.says}</FieldProblem>
    </>
  );
}
