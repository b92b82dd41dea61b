import "../../css/prepare.css";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import client, { asProblem, body, type Schemas } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";
import { useDay } from "../kit/useDay";

type Drawer = Schemas["Drawer"];
type Tool = Drawer["tools"][number];

const KINDS = [
  "dry-cup",
  "measuring-spoon",
  "liquid-measure",
  "top-read-liquid-measure",
  "small-liquid-measure",
  "graduated-dry-measure",
  "butter-wrapper",
  "novelty-scoop",
] as const;

export default function DrawerScreen() {
  const drawer = useQuery({ queryKey: ["drawer"], queryFn: () => body(client.GET("/api/drawer")) });
  if (drawer.data) return <DrawerPage drawer={drawer.data} />;
  if (drawer.isPending) return <Loading />;
  return <ProblemNote error={drawer.error} retry={drawer.refetch} />;
}

/** What the kitchen owns: tools by kind with how many and where, and its scales. */
function DrawerPage({ drawer }: { drawer: Drawer }) {
  const { t } = useTranslation();
  const [all, setAll] = useState(false);
  return (
    <main className="sheet">
      <div>
        <header className="sheet-head">
          <h1>{t("drawer.title")}</h1>
          <button type="button" className="btn btn-outline" aria-pressed={all} onClick={() => setAll(!all)}>
            {t(all ? "drawer.owned" : "drawer.all")}
          </button>
        </header>
        {KINDS.map((kind) => {
          const tools = drawer.tools.filter((tool) => tool.kind === kind && (all || tool.count > 0));
          if (tools.length === 0) return null;
          return (
            <section key={kind} className="pb-7">
              <h2 className="h2rim">{t(`toolKind.${kind}`)}</h2>
              {kind === "novelty-scoop" && <p className="note">{t("drawer.notFit")}</p>}
              <ul className="drawer-list">
                {tools.map((tool) => (
                  <ToolLine key={tool.id} tool={tool} />
                ))}
              </ul>
            </section>
          );
        })}
      </div>
      <aside className="sheet-side">
        <Scales drawer={drawer} />
      </aside>
    </main>
  );
}

function useKeep() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: () => Promise<unknown>) => change(),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["drawer"] }),
  });
}

function ToolLine({ tool }: { tool: Tool }) {
  const { t } = useTranslation();
  const keeping = useKeep();
  const [place, setPlace] = useState(tool.place ?? "");
  const keep = (count: number, where = place) =>
    keeping.mutate(() =>
      client.PUT("/api/drawer/tools/{id}", {
        params: { path: { id: tool.id } },
        body: { count, place: where || null },
      }),
    );
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
        <button
          type="button"
          aria-label={t("drawer.oneLess")}
          disabled={tool.count === 0}
          onClick={() => keep(tool.count - 1)}
        >
          −
        </button>
        <output aria-live="polite">{tool.count}</output>
        <button type="button" aria-label={t("drawer.oneMore")} onClick={() => keep(tool.count + 1)}>
          +
        </button>
      </fieldset>
      <input
        className="place"
        aria-label={t("drawer.placeOf", { name: tool.name })}
        placeholder={t("drawer.shared")}
        value={place}
        maxLength={40}
        disabled={tool.count === 0}
        onChange={(event) => setPlace(event.target.value)}
        onBlur={() => place !== (tool.place ?? "") && keep(tool.count)}
      />
      <FieldProblem>{keeping.isError ? asProblem(keeping.error).message : undefined}</FieldProblem>
    </li>
  );
}

function Scales({ drawer }: { drawer: Drawer }) {
  const { t, i18n } = useTranslation();
  const keeping = useKeep();
  const day = useDay();
  const [name, setName] = useState("");
  const [kind, setKind] = useState(drawer.scale_kinds[0]?.id ?? "");
  const problem = keeping.isError ? asProblem(keeping.error) : undefined;
  const step = (number: number, decimals: number) => shown(number, decimals, i18n.language);
  const add = (event: FormEvent) => {
    event.preventDefault();
    keeping.mutate(() => client.POST("/api/drawer/scales", { body: { name, catalogue_id: kind } }), {
      onSuccess: () => setName(""),
    });
  };
  return (
    <section>
      <h2 className="h2rim">{t("drawer.scales")}</h2>
      <ul>
        {drawer.scales.map((scale) => (
          <li key={scale.id} className="note flex items-center justify-between gap-2">
            <span>
              <b>{scale.name}</b>
              <span className="soft block">
                {t("drawer.scaleIs", { step: step(scale.step, scale.decimals), capacity: scale.capacity })}
                {", "}
                {scale.checked_on ? t("drawer.checked", { day: day(scale.checked_on) }) : t("drawer.unchecked")}
              </span>
            </span>
            <button
              type="button"
              className="quiet !min-h-8"
              aria-label={t("drawer.dropScale", { name: scale.name })}
              onClick={() =>
                keeping.mutate(() =>
                  client.DELETE("/api/drawer/scales/{scale}", { params: { path: { scale: scale.id } } }),
                )
              }
            >
              {t("lab.takeOut")}
            </button>
          </li>
        ))}
      </ul>
      <form className="grid gap-3 pt-3" onSubmit={add} noValidate>
        <Field
          label={t("drawer.scaleName")}
          value={name}
          maxLength={40}
          problem={problem && (problem.fields.name?.[0] ?? problem.message)}
          onChange={(event) => setName(event.target.value)}
        />
        <label className="field">
          <span>{t("drawer.scaleKind")}</span>
          <select value={kind} onChange={(event) => setKind(event.target.value)}>
            {drawer.scale_kinds.map((each) => (
              <option key={each.id} value={each.id}>
                {t("drawer.scaleIs", { step: step(each.step, each.decimals), capacity: each.capacity })}
              </option>
            ))}
          </select>
        </label>
        <button type="submit" className="btn btn-outline min-h-11">
          {t("drawer.addScale")}
        </button>
      </form>
    </section>
  );
}
