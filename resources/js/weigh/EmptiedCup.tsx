import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useRefresh } from "../api/query";
import Field from "../kit/Field";
import type { Result } from "./kitchen";
import { useHappened } from "./useHappened";

/** A cup that was weighed with the food in it, emptied and weighed once more: what stayed in it. Nobody has to. */
export default function EmptiedCup({ result, cup }: { result: Result; cup: Result["cups"][number] }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const { happened, problem } = useHappened();
  const [grams, type] = useState("");
  if (cup.left !== null) return <p role="status">{cup.left}</p>;
  const tell = (event: FormEvent) => {
    event.preventDefault();
    void happened("emptied", { line_id: result.line_id, detail: { weighing: result.id, cup: cup.cup, grams } }).then(
      () => void refresh.of("/api/weighings/{weighing}"),
    );
  };
  return (
    <form className="emptied" onSubmit={tell} noValidate>
      <Field
        label={t(result.cups.length === 1 ? "result.emptiedOne" : "result.emptied", { n: cup.cup })}
        problem={problem}
        inputMode="decimal"
        autoComplete="off"
        maxLength={9}
        value={grams}
        onChange={(event) => type(event.target.value)}
      />
      <button type="submit" className="btn btn-outline">
        {t("result.emptiedKeep")}
      </button>
    </form>
  );
}
