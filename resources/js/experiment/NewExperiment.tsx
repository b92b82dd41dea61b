import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate, useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { type Body, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";

type Made = Body<"post", "/api/sections/{section}/experiments">;
type Arm = Made["arms"][number];

const FLOUR = "all-purpose-flour";
const THREE_WAYS = ["stirred-spooned", "dipped", "sifted"] as const;

/** What is compared: ways of filling, tools, or kinds of the food; and whether everybody does all of them. */
export default function NewExperiment({ list }: { list: Schemas["ExperimentList"] }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const [address] = useSearchParams(); // a food that was looked at in the term
  const flour = list.foods.find((one) => one.id === FLOUR) ?? list.foods[0];
  const cup = list.tools.find((one) => /1-2$|125-ml$/.test(one.id)) ?? list.tools[0];
  const [food, setFood] = useState(list.foods.find((one) => one.id === address.get("food"))?.id ?? flour?.id ?? "");
  const [tool, setTool] = useState(cup?.id ?? "");
  const [title, setTitle] = useState("");
  const [byAll, setByAll] = useState(true);
  const [kind, setKind] = useState<"handling" | "tool" | "food">("handling");
  const [picked, pick] = useState<string[]>([]);
  const making = useSend("post", "/api/sections/{section}/experiments");
  const handlings = list.foods.find((one) => one.id === food)?.handlings ?? [];
  const choices = { handling: handlings, tool: list.tools, food: list.foods }[kind];
  const make = (arms: Arm[], named: string, of = food, filled = tool) =>
    making.send(
      {
        params: { path: { section: list.section_id } },
        body: { title: named, ingredient: of, tool: filled, by_all: byAll, arms },
      },
      ({ id }) => go(`/review/experiments/${id}`),
    );
  const armOf = (id: string): Arm => ({
    name: (choices.find((one) => one.id === id)?.name ?? id).slice(0, 40),
    handling: kind === "handling" ? (id as Arm["handling"]) : null,
    tool: kind === "tool" ? id : null,
    food: kind === "food" ? id : null,
  });
  const threeWays = THREE_WAYS.map((way) => flour?.handlings.find((one) => one.id === way)).filter(
    (one) => one !== undefined,
  );
  const send = (event: FormEvent) => {
    event.preventDefault();
    make(picked.map(armOf), title.trim());
  };
  return (
    <>
      {threeWays.length === 3 && cup && (
        <section>
          <h2 className="h2rim">{t("experiment.ready")}</h2>
          <p>{t("experiment.threeWays")}</p>
          <SendButton
            type="button"
            className="btn btn-primary"
            isPending={making.isPending}
            onClick={() =>
              make(
                threeWays.map((one) => ({ name: one.name.slice(0, 40), handling: one.id, tool: null, food: null })),
                t("experiment.threeTitle"),
                flour?.id,
                cup.id,
              )
            }
          >
            {t("experiment.takeIt")}
          </SendButton>
        </section>
      )}
      <form onSubmit={send} className="grid gap-3">
        <h2 className="h2rim">{t("experiment.own")}</h2>
        <Field
          label={t("experiment.title")}
          maxLength={80}
          value={title}
          problem={making.at("title")}
          onChange={(event) => setTitle(event.target.value)}
        />
        <label className="field">
          <span>{t("experiment.food")}</span>
          <select
            value={food}
            onChange={(event) => {
              setFood(event.target.value);
              pick([]);
            }}
          >
            {list.foods.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <label className="field">
          <span>{t("experiment.tool")}</span>
          <select value={tool} onChange={(event) => setTool(event.target.value)}>
            {list.tools.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <fieldset className="choices">
          <legend className="label">{t("experiment.compare")}</legend>
          {(["handling", "tool", "food"] as const).map((one) => (
            <button
              key={one}
              type="button"
              className="name"
              aria-pressed={kind === one}
              onClick={() => {
                setKind(one);
                pick([]);
              }}
            >
              {t(`experiment.kind.${one}`)}
            </button>
          ))}
        </fieldset>
        <fieldset className="experiment-arms">
          <legend className="label">{t("experiment.pick", { n: picked.length })}</legend>
          {choices.map((one) => (
            <label key={one.id}>
              <input
                type="checkbox"
                checked={picked.includes(one.id)}
                disabled={!picked.includes(one.id) && picked.length >= 4}
                onChange={(event) =>
                  pick(event.target.checked ? [...picked, one.id] : picked.filter((other) => other !== one.id))
                }
              />
              {one.name}
            </label>
          ))}
        </fieldset>
        <label className="experiment-all">
          <input type="checkbox" checked={byAll} onChange={(event) => setByAll(event.target.checked)} />
          {t("experiment.byAll")}
        </label>
        <FieldProblem>{making.at("title") ? undefined : making.says}</FieldProblem>
        <SendButton
          className="btn btn-outline"
          isPending={making.isPending}
          disabled={picked.length < 2 || title.trim() === ""}
        >
          {t("experiment.make")}
        </SendButton>
      </form>
    </>
  );
}
