import "../../css/prepare.css";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate, useParams } from "react-router";
import client, { asProblem, body, type Schemas } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import KitchenFraction from "../kit/KitchenFraction";
import { shown } from "../kit/numbers";
import ToolRow from "../kit/ToolRow";
import { useDay } from "../kit/useDay";
import TechniqueLink from "../technique/TechniqueLink";

type Sheet = Schemas["LabSheet"];
type Line = Schemas["LabSheetLine"];
const WAYS = ["checked", "weight", "volume"] as const;
const STRICTNESS = ["structural", "flavour", "free"] as const;
export const PRINTS = ["cards", "sheet", "list", "techniques", "blank"] as const;

export const useLabSheet = (lab: number) =>
  useQuery({
    queryKey: ["lab-sheet", lab],
    queryFn: () => body(client.GET("/api/labs/{lab}/sheet", { params: { path: { lab } } })),
  });

export default function LabScreen() {
  const { lab = "" } = useParams();
  const sheet = useLabSheet(Number(lab));
  if (sheet.data) return <LabPage sheet={sheet.data} />;
  if (sheet.isPending) return <Loading />;
  return <ProblemNote error={sheet.error} retry={sheet.refetch} />;
}

/** A lab before its day: every line as tools, technique and grams; what to warn of, to fetch, to do; print; open. */
function LabPage({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const day = useDay();
  const warned = sheet.lines.filter((line) => line.warnings.some((warning) => warning.id !== "tight"));
  const tight = sheet.lines.filter((line) => line.warnings.some((warning) => warning.id === "tight"));
  return (
    <main className="sheet">
      <div>
        <header className="sheet-head">
          <div>
            <h1>{sheet.title}</h1>
            <p className="soft running">
              {t("lab.as", {
                section: sheet.section,
                day: day(sheet.planned_for),
                from: sheet.starts_at,
                to: sheet.ends_at,
              })}
              {sheet.factor !== "1" && (
                <>
                  {" · "}
                  <KitchenFraction>{t("recipe.times", { factor: sheet.factor })}</KitchenFraction>
                </>
              )}
              {sheet.recipe !== null && (
                <>
                  {" · "}
                  <Link className="underline underline-offset-4" to={`/recipes/${sheet.recipe}`}>
                    {t("lab.recipe")}
                  </Link>
                </>
              )}
            </p>
          </div>
        </header>
        <table className="plan-t lab-t">
          <thead>
            <tr>
              <th scope="col" className="paper">
                {t("lab.station")}
              </th>
              <th scope="col">{t("lab.tools")}</th>
              <th scope="col">{t("lab.technique")}</th>
              <th scope="col">{t("lab.target")}</th>
              <th scope="col">{t("lab.judged")}</th>
            </tr>
          </thead>
          <tbody>
            {sheet.lines.map((line) => (
              <LabLineRow key={line.item} lab={sheet.id} line={line} frozen={sheet.state !== "prepared"} />
            ))}
          </tbody>
        </table>
        <Supplies sheet={sheet} />
      </div>
      <aside className="sheet-side">
        <section>
          <h2 className="h2rim">{t("lab.before")}</h2>
          <p className="note">
            {warned.length === 0 ? t("lab.noWarnings") : <b>{t("lab.warnings", { count: warned.length })}</b>}
          </p>
          {tight.length > 0 && (
            <p className="note">{t("lab.tight", { names: tight.map((line) => line.name).join(", ") })}</p>
          )}
          <p className="note">
            {sheet.allergens.length > 0
              ? t("lab.allergens", { list: sheet.allergens.join(", ") })
              : t("lab.noAllergens")}
          </p>
        </section>
        <section>
          <h2 className="h2rim">{t("lab.todo")}</h2>
          <ul>
            {sheet.preparation.map((one) => (
              <li key={one} className="note">
                {one}
              </li>
            ))}
          </ul>
        </section>
        <section>
          <h2 className="h2rim">{t("lab.print")}</h2>
          <ul className="prints">
            {PRINTS.map((what) => (
              <li key={what}>
                <Link className="desk-link" to={`/print/labs/${sheet.id}/${what}`}>
                  {t(`lab.${what}`)}
                </Link>
              </li>
            ))}
            <li>
              <Link className="desk-link" to={`/labs/${sheet.id}/period`}>
                {t("period.link")}
              </Link>
            </li>
            {["chart", "labels"].map((what) => (
              <li key={what}>
                <Link className="desk-link" to={`/print/${what}`}>
                  {t(`lab.${what}`)}
                </Link>
              </li>
            ))}
          </ul>
        </section>
        <section>
          <h2 className="h2rim">{t("lab.files")}</h2>
          <a className="desk-link" href={`/api/labs/${sheet.id}/bundle`}>
            {t("lab.share")}
          </a>
          <a className="desk-link" href={`/api/labs/${sheet.id}/calendar.ics`}>
            {t("lab.calendar")}
          </a>
        </section>
        <Actions sheet={sheet} />
      </aside>
    </main>
  );
}

function LabLineRow({ lab, line, frozen }: { lab: number; line: Line; frozen: boolean }) {
  const { t, i18n } = useTranslation();
  const queries = useQueryClient();
  const path = { lab, item: line.item };
  const refresh = () => queries.invalidateQueries({ queryKey: ["lab-sheet", lab] });
  const own = line.own_tolerance ? line.tolerance_pct : null;
  const judging = useMutation({
    mutationFn: async (
      change: Partial<{
        strictness: (typeof STRICTNESS)[number];
        way: (typeof WAYS)[number];
        tolerance_pct: number | null;
        shared: boolean;
      }>,
    ) =>
      void (await client.PUT("/api/labs/{lab}/items/{item}", {
        params: { path },
        body: { strictness: line.strictness, way: line.way, tolerance_pct: own, ...change },
      })),
    onSuccess: refresh,
  });
  const problem = judging.isError ? asProblem(judging.error) : undefined;
  const taking = useMutation({
    mutationFn: async () => void (await client.DELETE("/api/labs/{lab}/items/{item}", { params: { path } })),
    onSuccess: refresh,
  });
  const grams = (number: number, decimals = line.decimals) => shown(number, decimals, i18n.language);
  return (
    <tr>
      <td className="paper running">
        <b className="display text-[1.0625rem]">
          <TechniqueLink family={line.family}>{line.name}</TechniqueLink>
        </b>
        <span className="amt block">
          <KitchenFraction>{line.measure}</KitchenFraction>
        </span>
        {line.text && (
          <span className="soft block text-[0.8125rem]">
            <KitchenFraction>{line.text}</KitchenFraction>
          </span>
        )}
      </td>
      <td className="tools">
        {line.fills.length > 0 && <ToolRow fills={line.fills} label={line.plan ?? ""} k={6} />}
        <details className="how">
          <summary className="plan running">
            <KitchenFraction>{line.plan ?? t("lab.weigh")}</KitchenFraction>
          </summary>
          <ul className="running">
            {[line.why, ...line.alternatives].filter(Boolean).map((one) => (
              <li key={one}>
                <KitchenFraction>{one ?? ""}</KitchenFraction>
              </li>
            ))}
          </ul>
        </details>
      </td>
      <td className="text-[0.875rem] leading-tight">{line.technique}</td>
      <td>
        <details className="how">
          <summary className="num">
            <span className="amt">{grams(line.target_g)} g</span>{" "}
            <span className="soft">±{grams(line.tolerance_g, line.tolerance_decimals)}</span>
          </summary>
          <ul className="running">
            {line.working.map((one) => (
              <li key={one}>
                <KitchenFraction>{one}</KitchenFraction>
              </li>
            ))}
            {line.source && <li className="soft">{line.source}</li>}
          </ul>
        </details>
        {line.warnings.map((warning) => (
          <p
            key={warning.text}
            className={warning.id === "tight" ? "soft running text-[0.8125rem]" : "warning running"}
          >
            <KitchenFraction>{warning.text}</KitchenFraction>
          </p>
        ))}
      </td>
      <td>
        <select
          className="judge"
          aria-label={t("lab.strictness", { name: line.name })}
          value={line.strictness}
          disabled={frozen}
          onChange={(event) => judging.mutate({ strictness: event.target.value as (typeof STRICTNESS)[number] })}
        >
          {STRICTNESS.map((one) => (
            <option key={one} value={one}>
              {t(`lab.${one}`)}
            </option>
          ))}
        </select>
        <label className="percent">
          <span className="unseen">{t("lab.toleranceOf", { name: line.name })}</span>±
          <input
            key={line.tolerance_pct}
            inputMode="decimal"
            defaultValue={shown(line.tolerance_pct, Number.isInteger(line.tolerance_pct) ? 0 : 1, i18n.language)}
            maxLength={5}
            disabled={frozen}
            aria-invalid={problem?.fields.tolerance_pct !== undefined}
            onBlur={(event) => {
              const typed = event.target.value.trim().replace(",", ".");
              if (typed === "" ? own !== null : Number(typed) !== line.tolerance_pct) {
                judging.mutate({ tolerance_pct: typed === "" ? null : (Number(typed) as number) });
              }
            }}
          />
          %
        </label>
        <select
          className="judge"
          aria-label={t("lab.wayOf", { name: line.name })}
          value={line.way}
          disabled={frozen}
          onChange={(event) => judging.mutate({ way: event.target.value as (typeof WAYS)[number] })}
        >
          {WAYS.map((one) => (
            <option key={one} value={one}>
              {t(`lab.way.${one}`)}
            </option>
          ))}
        </select>
        <label className="lab-shared">
          <input
            type="checkbox"
            checked={line.shared}
            disabled={frozen}
            onChange={(event) => judging.mutate({ shared: event.target.checked })}
          />
          {t("lab.shared")}
        </label>
        {!frozen && (
          <button
            type="button"
            className="quiet !min-h-8 !px-0 text-[0.875rem]"
            aria-label={t("lab.takeOutLine", { name: line.name })}
            onClick={() => taking.mutate()}
          >
            {t("lab.takeOut")}
          </button>
        )}
        <FieldProblem>{problem && (problem.fields.tolerance_pct?.[0] ?? problem.message)}</FieldProblem>
      </td>
    </tr>
  );
}

function Supplies({ sheet }: { sheet: Sheet }) {
  const { t, i18n } = useTranslation();
  const queries = useQueryClient();
  const [retry, setRetry] = useState(String(sheet.retry_pct));
  const keeping = useMutation({
    mutationFn: async (percent: number) =>
      void (await client.PUT("/api/labs/{lab}", {
        params: { path: { lab: sheet.id } },
        body: { title: sheet.title, planned_for: sheet.planned_for, retry_pct: percent },
      })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["lab-sheet", sheet.id] }),
  });
  const problem = keeping.isError ? asProblem(keeping.error) : undefined;
  const grams = (number: number, decimals: number) => `${shown(number, decimals, i18n.language)} g`;
  return (
    <section className="pt-9">
      <div className="flex flex-wrap items-end gap-6">
        <h2 className="h2rim flex-1">{t("lab.supplies")}</h2>
        <Field
          label={t("lab.retry")}
          inputMode="numeric"
          className="narrow"
          value={retry}
          disabled={sheet.state !== "prepared"}
          problem={problem && (problem.fields.retry_pct?.[0] ?? problem.message)}
          onChange={(event) => setRetry(event.target.value)}
          onBlur={() => retry !== String(sheet.retry_pct) && keeping.mutate(Number(retry))}
        />
      </div>
      <table className="supplies">
        <thead>
          <tr>
            <th scope="col">{t("print.name")}</th>
            <th scope="col" colSpan={2}>
              {t("lab.perStation")}
            </th>
            <th scope="col" colSpan={2}>
              {t("lab.forClass")}
            </th>
          </tr>
        </thead>
        <tbody>
          {sheet.supplies.map((one) => (
            <tr key={one.name}>
              <th scope="row">{one.name}</th>
              <td className="running">
                <KitchenFraction>{one.station ?? ""}</KitchenFraction>
              </td>
              <td className="num">{grams(one.station_g, one.decimals)}</td>
              <td className="running">
                <KitchenFraction>{one.class ?? ""}</KitchenFraction>
              </td>
              <td className="num">
                <b>{grams(one.class_g, one.class_decimals)}</b>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Actions({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const queries = useQueryClient();
  const path = { lab: sheet.id };
  const opening = useMutation({
    mutationFn: async () => void (await client.POST("/api/labs/{lab}/open", { params: { path } })),
    onSuccess: () => {
      queries.invalidateQueries();
      go(`/labs/${sheet.id}`);
    },
  });
  const copying = useMutation({
    mutationFn: () => body(client.POST("/api/labs/{lab}/copy", { params: { path } })),
    onSuccess: ({ id }) => {
      queries.invalidateQueries({ queryKey: ["today"] });
      go(`/labs/${id}/prepare`);
    },
  });
  const archiving = useMutation({
    mutationFn: async () => void (await client.POST("/api/labs/{lab}/archive", { params: { path } })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ["today"] });
      go("/prepare");
    },
  });
  const failed = [opening, copying, archiving].find((one) => one.isError);
  return (
    <section className="grid gap-2">
      {sheet.state === "prepared" ? (
        <>
          <p className="soft text-[0.875rem]">{t("lab.openHint")}</p>
          <button
            type="button"
            className="btn btn-primary h-12 text-[1.0625rem]"
            aria-busy={opening.isPending}
            onClick={() => opening.mutate()}
          >
            {t("lab.open")}
          </button>
        </>
      ) : (
        <>
          <p className="note">{t("lab.frozen")}</p>
          <Link className="btn btn-primary h-12 text-[1.0625rem]" to={`/labs/${sheet.id}`}>
            {t("lab.toBoard")}
          </Link>
        </>
      )}
      <p className="flex gap-2">
        <button type="button" className="btn btn-outline flex-1" onClick={() => copying.mutate()}>
          {t("lab.copy")}
        </button>
        <button type="button" className="btn btn-outline flex-1" onClick={() => archiving.mutate()}>
          {t("lab.archive")}
        </button>
      </p>
      <FieldProblem>{failed ? asProblem(failed.error).message : undefined}</FieldProblem>
    </section>
  );
}
