import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import client, { asProblem, body, type Schemas } from "../api/client";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";
import type { Bench, Hands, Options } from "./bench";

const DRAWS = 200;
const GROUPS = ["preparation", "filling", "settling", "levelling"] as const;

/** Two ways of measuring the same, 200 times each: one stands on the rim, the other hangs below it. */
export default function ManyTimes({ bench, options }: { bench: Bench; options: Options }) {
  const { t, i18n } = useTranslation();
  const [first, setFirst] = useState<Hands>({});
  const [asked, ask] = useState<{ hands: Hands; other: Hands }>();
  const { setup } = bench;
  const { seed, ingredient, amount, unit, plan, scale } = setup;
  const tried = { ingredient, amount, unit, plan, scale, seed, draws: DRAWS, ...asked };
  const both = useQuery({
    queryKey: ["bench-both", tried],
    queryFn: () => body(client.POST("/api/simulator/comparisons", { body: tried })),
    enabled: asked !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
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

/** Bars by weight: the first way up from the rim, the second down from it; the band across both. */
function Distributions({ two, names }: { two: Schemas["BenchTwoWays"]; names: [string, string] }) {
  const { t, i18n } = useTranslation();
  const [from, to] = [two.bins[0]?.from_g ?? 0, two.bins.at(-1)?.to_g ?? 1];
  const x = (grams: number) => 8 + (384 * (grams - from)) / (to - from);
  const tall = (count: number) => (84 * count) / two.most;
  const g = (grams: number) => shown(grams, two.decimals, i18n.language);
  const inside = (grams: number) => grams >= from && grams <= to;
  return (
    <svg
      className="bench-dist"
      viewBox="0 0 400 262"
      fill="none"
      role="img"
      aria-label={t("bench.dist", {
        one: names[0],
        other: names[1],
        mean: g(two.one.mean_g),
        otherMean: g(two.other.mean_g),
        level: two.one.level,
        otherLevel: two.other.level,
      })}
    >
      <rect
        x={x(Math.max(two.low_g, from))}
        y={26}
        width={Math.max(0, x(Math.min(two.high_g, to)) - x(Math.max(two.low_g, from)))}
        height={184}
        fill="color-mix(in oklab, var(--level) 20%, transparent)"
      />
      {two.bins.map((bin) => (
        <g key={bin.from_g} stroke="currentColor" strokeWidth={1.5}>
          {bin.one > 0 && (
            <rect
              x={x(bin.from_g) + 0.5}
              width={x(bin.to_g) - x(bin.from_g) - 1}
              y={118 - tall(bin.one)}
              height={tall(bin.one)}
              fill="var(--color-base-content)"
            />
          )}
          {bin.other > 0 && (
            <rect
              x={x(bin.from_g) + 0.5}
              width={x(bin.to_g) - x(bin.from_g) - 1}
              y={118}
              height={tall(bin.other)}
              fill="var(--color-base-100)"
            />
          )}
        </g>
      ))}
      <path d="M0 118H400" stroke="currentColor" strokeWidth={3} />
      {inside(two.target_g) && <path d={`M${x(two.target_g)} 22V214`} stroke="var(--level)" strokeWidth={3} />}
      <g fontSize={14} fill="currentColor" className="num">
        <text x={4} y={15} fontWeight={700}>
          {names[0]}
        </text>
        <text x={4} y={230} fontWeight={700}>
          {names[1]}
        </text>
        {inside(two.target_g) && (
          <text x={x(two.target_g)} y={254} textAnchor="middle" fontWeight={700}>
            {g(two.target_g)} g
          </text>
        )}
        <text x={4} y={254}>
          {g(from)}
        </text>
        <text x={396} y={254} textAnchor="end">
          {g(to)} g
        </text>
      </g>
    </svg>
  );
}
