import { useState } from "react";
import { useTranslation } from "react-i18next";
import { asProblem } from "../api/client";
import { $api } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";
import Distributions from "./Distributions";
import type { Bench, Hands, Options } from "./useSimulator";

const DRAWS = 200;

const GROUPS = ["preparation", "filling", "settling", "levelling"] as const;

/** Two ways of measuring the same, 200 times each: one stands on the rim, the other hangs below it. */
export default function ManyTimes({ bench, options }: { bench: Bench; options: Options }) {
  const { t, i18n } = useTranslation();
  const [first, setFirst] = useState<Hands>({});
  const [asked, ask] = useState<{ hands: Hands; other: Hands }>();
  const { setup } = bench;
  const { seed, ingredient, amount, unit, plan, scale } = setup;
  const tried = { ingredient, amount, unit, plan, scale, seed, draws: DRAWS, ...bench.by, ...asked };
  const both = $api.useQuery(
    "post",
    "/api/simulator/comparisons",
    { body: tried },
    { enabled: asked !== undefined, staleTime: Number.POSITIVE_INFINITY, retry: false },
  );
  const called = (hands: Hands): string => {
    const words = GROUPS.filter(
      (group) => hands[group] !== undefined && hands[group] !== options.offered[group][0],
    ).map((group) => t(`bench.${group}.${hands[group]}`));
    if ((hands.eye_deg ?? 0) !== 0)
      words.push(
        t((hands.eye_deg ?? 0) > 0 ? "bench.eye.above" : "bench.eye.below", { deg: Math.abs(hands.eye_deg ?? 0) }),
      );
    if ((hands.share_across ?? 0.1) > 0.2) words.push(t("bench.read.far"));
    if (hands.curve === "top") words.push(t("bench.read.top"));
    if (hands.held) words.push(t("bench.read.held"));
    if (hands.scraped === false) words.push(t("bench.empty.not"));
    return words.length > 0 ? words.join(", ") : t("bench.well");
  };
  const problem = both.isError ? asProblem(both.error) : undefined;

  return (
    <>
      <dl className="bench-ways">
        <div>
          <dt>{t("bench.one")}</dt>
          <dd>{called(first)}</dd>
        </div>
        <div>
          <dt>{t("bench.other")}</dt>
          <dd>{called(bench.hands)}</dd>
        </div>
      </dl>
      <p className="bench-short">
        <button type="button" className="quiet" onClick={() => setFirst(bench.hands)}>
          {t("bench.keepFirst")}
        </button>
      </p>
      <button
        type="button"
        className="btn btn-primary btn-second w-full"
        aria-busy={both.isFetching}
        onClick={() => ask({ hands: first, other: bench.hands })}
      >
        {t("bench.measureMany", { count: DRAWS })}
      </button>
      <FieldProblem>{problem && (Object.values(problem.fields)[0]?.[0] ?? problem.message)}</FieldProblem>
      {asked && both.data && (
        <>
          <Distributions two={both.data} names={[called(asked.hands), called(asked.other)]} />
          <table className="bench-t">
            <thead>
              <tr>
                <td />
                <th scope="col">{t("bench.mean")}</th>
                <th scope="col">{t("bench.spread")}</th>
                <th scope="col">{t("verdict.level")}</th>
                <th scope="col">{t("verdict.heaped")}</th>
                <th scope="col">{t("verdict.shy")}</th>
              </tr>
            </thead>
            <tbody>
              {(
                [
                  ["one", asked.hands],
                  ["other", asked.other],
                ] as const
              ).map(([side, hands]) => {
                const of = both.data[side];
                return (
                  <tr key={side}>
                    <th scope="row">{called(hands)}</th>
                    <td>{shown(of.mean_g, both.data.decimals, i18n.language)} g</td>
                    <td>± {shown(of.sd_g, Math.max(1, both.data.decimals), i18n.language)} g</td>
                    <td>{of.level}</td>
                    <td>{of.heaped}</td>
                    <td>{of.shy}</td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </>
      )}
    </>
  );
}
