import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type Body, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import ToolRow from "../kit/ToolRow";
import { type Drawer, useDrawerRefresh } from "./drawer";
import ToolState from "./ToolState";

type Tool = Drawer["tools"][number];
type Kept = Body<"put", "/api/drawer/tools/{id}">;

/** One tool: drawn, how many there are, and where they are kept. */
export default function ToolLine({ tool }: { tool: Tool }) {
  const { t } = useTranslation();
  const keeping = useSend("put", "/api/drawer/tools/{id}", useDrawerRefresh());
  const [place, setPlace] = useState(tool.place ?? "");
  // Taps count as they come; what is stored follows them.
  const [count, setCount] = useState(tool.count);
  const [stored, setStored] = useState(tool.count);
  if (stored !== tool.count) {
    setStored(tool.count);
    if (!keeping.isPending) setCount(tool.count);
  }
  const keepMore = (more: Partial<Kept>) =>
    keeping.send({ params: { path: { id: tool.id } }, body: { count, place: place || null, ...more } });
  const keep = (to: number) => {
    setCount(to);
    keepMore({ count: to });
  };
  return (
    <li>
      <span className="drawn">
        <ToolRow
          fills={[{ kind: tool.kind, ml: tool.ml, count: 1, nominal: tool.nominal, mark_ml: null }]}
          label={tool.name}
          k={7}
        />
      </span>
      <b className="running">
        <KitchenFraction>{tool.name}</KitchenFraction>
      </b>
      <fieldset className="counter" aria-label={t("drawer.howMany", { name: tool.name })}>
        <button type="button" aria-label={t("drawer.oneLess")} disabled={count === 0} onClick={() => keep(count - 1)}>
          −
        </button>
        <output aria-live="polite">{count}</output>
        <button type="button" aria-label={t("drawer.oneMore")} onClick={() => keep(count + 1)}>
          +
        </button>
      </fieldset>
      <input
        className="place"
        aria-label={t("drawer.placeOf", { name: tool.name })}
        placeholder={t("drawer.shared")}
        value={place}
        maxLength={40}
        disabled={count === 0}
        onChange={(event) => setPlace(event.target.value)}
        onBlur={() => place !== (tool.place ?? "") && keep(count)}
      />
      {count > 0 && <ToolState tool={tool} keep={keepMore} />}
      <FieldProblem>{keeping.says}</FieldProblem>
    </li>
  );
}
