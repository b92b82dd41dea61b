import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import { useKitchen } from "./kitchen";
import { useHappened } from "./useHappened";

/** A hand for help; and what was called ready is not, after all. */
export default function Gate() {
  const { t } = useTranslation();
  const kitchen = useKitchen();
  const { happened, problem } = useHappened();
  const { gate, help } = kitchen;
  return (
    <>
      <p className="hand">
        <button
          type="button"
          className={`btn ${help ? "btn-now" : "btn-outline"}`}
          aria-pressed={help}
          onClick={() => happened(help ? "help-over" : "help")}
        >
          {t(help ? "gate.handUp" : "gate.hand")}
        </button>
        {gate?.ready && (
          <button type="button" className="btn btn-outline" onClick={() => happened("not-ready")}>
            {t("gate.notReady")}
          </button>
        )}
      </p>
      <FieldProblem>{problem}</FieldProblem>
    </>
  );
}
