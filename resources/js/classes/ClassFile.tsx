import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { useRefresh, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";

/** Classes from a file of the school's own system. */
export default function ClassFile({ done }: { done: (() => void) | undefined }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const refresh = useRefresh();
  const taking = useSend("post", "/api/sections/import", {
    onSuccess: async () => {
      await refresh.of("/api/today");
      done?.();
      go("/today");
    },
  });
  return (
    <label className="field order-last">
      <span>{t("class.file2")}</span>
      <input
        type="file"
        accept=".csv,text/csv"
        onChange={async (event) => {
          const [file] = event.target.files ?? [];
          if (file) taking.send({ body: { text: await file.text() } });
        }}
      />
      <FieldProblem>{taking.says}</FieldProblem>
    </label>
  );
}
