import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import FilePick from "../kit/FilePick";
import { useToday } from "../shell/useToday";

/** A lab somebody shared, for the first class; it is prepared, not open. */
export default function TakeIn() {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const today = useToday();
  const section = today.data?.sections[0]?.id ?? 0;
  const taking = useSend("post", "/api/labs", {
    onSuccess: ({ id }) => {
      refresh.all();
      go(`/labs/${id}/prepare`);
    },
  });
  return (
    <section>
      <h2 className="h2rim">{t("prepare.takeIn")}</h2>
      <p className="pt-3">
        <FilePick
          label={t("prepare.takeInFile")}
          accept=".json,application/json"
          take={(text) => taking.send({ body: { section, text } })}
        />
      </p>
      <FieldProblem>{taking.says}</FieldProblem>
    </section>
  );
}
