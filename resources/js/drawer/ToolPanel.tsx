import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { type Body, useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import ToolRow from "../kit/ToolRow";
import { type Tool, useDrawerRefresh } from "./drawer";
import PanelHead from "./PanelHead";

type Kept = Body<"put", "/api/drawer/tools/{id}">;

/**
 * All that is settled about one kind of tool: how many there are, where they are kept, whether every station has it in a set of its own,
 * how many are retired, and which lines cannot be read any more. Kept at once.
 */
export default function ToolPanel({ tool, close }: { tool: Tool; close: () => void }) {
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
  const more = useRef<HTMLButtonElement>(null);
  useEffect(() => more.current?.focus(), []);
  const keepMore = (change: Partial<Kept>) =>
    keeping.send({ params: { path: { id: tool.id } }, body: { count, place: place || null, ...change } });
  const keep = (to: number) => {
    setCount(to);
    keepMore({ count: to });
  };
  // An empty box is a number half typed: kept when it is left, as it would take a tool's place and sets with it.
  const [typed, setTyped] = useState<string>();
  const leaveNumber = () => {
    if (typed && Number(typed) !== count) keep(Number(typed));
    setTyped(undefined);
  };
  const worn = tool.marks.filter((mark) => mark.worn).map((mark) => mark.text);
  const numbers = [
    ["in_set", tool.in_set, 9],
    ["retired", tool.retired, tool.count],
  ] as const;
  return (
    <section className="hung-panel" aria-label={tool.name}>
      <PanelHead name={tool.name} close={close} />
      <ToolRow
        fills={[{ kind: tool.kind, ml: tool.ml, count: 1, nominal: tool.nominal, mark_ml: null }]}
        label=""
        k={14}
      />
      <div className="line-row">
        <span>{t("drawer.many")}</span>
        <fieldset className="counter" aria-label={t("drawer.howMany", { name: tool.name })}>
          <button type="button" aria-label={t("drawer.oneLess")} disabled={count === 0} onClick={() => keep(count - 1)}>
            −
          </button>
          <input
            inputMode="numeric"
            aria-label={t("drawer.howMany", { name: tool.name })}
            value={typed ?? count}
            maxLength={2}
            onFocus={(event) => event.target.select()}
            onChange={(event) => setTyped(event.target.value.replace(/\D/g, ""))}
            onBlur={leaveNumber}
            onKeyDown={(event) => event.key === "Enter" && leaveNumber()}
          />
          <button ref={more} type="button" aria-label={t("drawer.oneMore")} onClick={() => keep(count + 1)}>
            +
          </button>
        </fieldset>
      </div>
      <label className="line-row">
        <span aria-hidden="true">{t("drawer.where")}</span>
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
      </label>
      {count > 0 &&
        numbers.map(([what, number, most]) => (
          <label key={what} className="line-row">
            <span>{t(`drawer.${what}`)}</span>
            <input
              className="place"
              type="number"
              min={0}
              max={most}
              value={number}
              onChange={(event) => keepMore({ [what]: Math.min(most, Math.max(0, Number(event.target.value) || 0)) })}
            />
          </label>
        ))}
      {count > 0 && tool.marks.length > 0 && (
        <fieldset className="choices">
          <legend className="label">{t("drawer.worn")}</legend>
          {tool.marks.map((mark) => (
            <button
              key={mark.text}
              type="button"
              className="name"
              aria-pressed={mark.worn}
              onClick={() =>
                keepMore({ worn: mark.worn ? worn.filter((one) => one !== mark.text) : [...worn, mark.text] })
              }
            >
              {mark.text}
            </button>
          ))}
        </fieldset>
      )}
      <FieldProblem>{keeping.says}</FieldProblem>
    </section>
  );
}
