import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import FieldProblem from "../kit/FieldProblem";
import { sentFromHere } from "./device";
import { weighAgain } from "./draft";
import { type Result, useKitchen } from "./kitchen";
import { useHappened } from "./useHappened";

// As the server has it; it allows for a slow network besides.
const MS = 10_000;

const left = (result: Result) => MS - (Date.now() - (sentFromHere.get(result.id) ?? 0));

/** A number typed wrong is taken back while its result is new: it stays, struck through, and the line is weighed once more. */
export default function TakeBack({ result }: { result: Result }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const { happened, problem } = useHappened();
  const [isNew, setNew] = useState(left(result) > 0);
  useEffect(() => {
    const over = setTimeout(() => setNew(false), left(result));
    return () => clearTimeout(over);
  }, [result]);
  const scale = kitchen.scales.find((one) => one.name === result.scale)?.id;
  const take = async () => {
    if (await happened("taken-back", { line_id: result.line_id, detail: { weighing: result.id } })) {
      weighAgain(kitchen, result.line_id, result.ticked, scale);
      go(`/kitchen/lines/${result.line_id}/weigh`, { replace: true });
    }
  };
  if (problem) return <FieldProblem>{problem}</FieldProblem>;
  if (!isNew || result.source !== "typed") return null;
  return (
    <button type="button" className="btn btn-outline take-back" onClick={() => void take()}>
      {t("result.typedWrong")}
    </button>
  );
}
