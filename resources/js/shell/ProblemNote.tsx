import { useTranslation } from "react-i18next";
import { asProblem } from "../api/client";
import FieldProblem from "../kit/FieldProblem";

/** Something could not be fetched: what is wrong, and a way to try again. */
export default function ProblemNote({ error, retry }: { error: unknown; retry: () => void }) {
  const { t } = useTranslation();
  return (
    <div className="door">
      <FieldProblem>{asProblem(error).message}</FieldProblem>
      <button type="button" className="btn btn-outline btn-second" onClick={retry}>
        {t("problem.again")}
      </button>
    </div>
  );
}
