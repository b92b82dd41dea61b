import "../../css/prepare.css";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import client, { asProblem, body, type Schemas } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import Field from "../kit/Field";
import { shown } from "../kit/numbers";
import TechniqueLink from "../technique/TechniqueLink";
import NearestMeasure from "./NearestMeasure";
import NewFood from "./NewFood";

type Entry = Schemas["PantryEntry"];

export default function PantryScreen() {
  const pantry = useQuery({ queryKey: ["pantry"], queryFn: () => body(client.GET("/api/pantry")) });
  if (pantry.data) return <PantryPage entries={pantry.data} />;
  if (pantry.isPending) return <Loading />;
  return <ProblemNote error={pantry.error} retry={pantry.refetch} />;
}

const decimals = (grams: number) => (grams >= 10 ? (Number.isInteger(grams) ? 0 : 1) : 2);

/** Every ingredient: found by any of its names; its weights, how handling changes them, and where they come from. */
function PantryPage({ entries }: { entries: Entry[] }) {
  const { t, i18n } = useTranslation();
  const [sought, setSought] = useState("");
  const [open, setOpen] = useState<string>();
  const word = sought.trim().toLowerCase();
  const found = entries.filter((entry) =>
    [entry.name, ...entry.aliases].some((name) => name.toLowerCase().includes(word)),
  );
  const chosen = entries.find((entry) => entry.id === open);
  return (
    <main className="sheet pantry">
      <div>
        <header className="sheet-head">
          <h1>{t("pantry.title")}</h1>
          <Field
            label={t("pantry.find")}
            type="search"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        </header>
        <table className="plan-t">
          <thead>
            <tr>
              <th scope="col">{t("print.name")}</th>
              <th scope="col">{t("pantry.family")}</th>
              <th scope="col">{t("pantry.weight")}</th>
              <th scope="col">{t("pantry.source")}</th>
            </tr>
          </thead>
          <tbody>
            {found.map((entry) => (
              <tr key={entry.id} className={entry.id === open ? "open" : ""}>
                <th scope="row" className="text-left">
                  <button
                    type="button"
                    className="quiet text-left"
                    aria-expanded={entry.id === open}
                    onClick={() => setOpen(entry.id === open ? undefined : entry.id)}
                  >
                    {entry.name}
                  </button>
                </th>
                <td>
                  <TechniqueLink family={entry.family}>{t(`family.${entry.family}`)}</TechniqueLink>
                </td>
                <td className="num">
                  <b>{shown(entry.grams, decimals(entry.grams), i18n.language)} g</b>{" "}
                  <span className="soft">{t(`pantry.${entry.per}`)}</span>
                </td>
                <td>
                  {entry.own ? <span className="tag-now">{t("pantry.own")}</span> : entry.source}
                  {!entry.own && <span className="soft">, {t(`pantry.confidence.${entry.confidence}`)}</span>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {found.length === 0 && <p className="py-6">{t("pantry.none", { word: sought })}</p>}
      </div>
      <aside className="sheet-side">
        {chosen ? (
          <EntryPanel key={chosen.id} entry={chosen} />
        ) : (
          <>
            <p className="note">{t("pantry.pick")}</p>
            <NewFood done={setOpen} />
          </>
        )}
      </aside>
    </main>
  );
}

function EntryPanel({ entry }: { entry: Entry }) {
  const { t, i18n } = useTranslation();
  const queries = useQueryClient();
  const [grams, setGrams] = useState(shown(entry.grams, decimals(entry.grams), i18n.language));
  const [reason, setReason] = useState(entry.own?.reason ?? "");
  const path = { ingredient: entry.id };
  const done = () => queries.invalidateQueries({ queryKey: ["pantry"] });
  const keeping = useMutation({
    mutationFn: async () =>
      void (await client.PUT("/api/pantry/{ingredient}", { params: { path }, body: { grams, reason } })),
    onSuccess: done,
  });
  const back = useMutation({
    mutationFn: async () => void (await client.DELETE("/api/pantry/{ingredient}", { params: { path } })),
    onSuccess: done,
  });
  const fields = keeping.isError ? asProblem(keeping.error).fields : {};
  const keep = (event: FormEvent) => {
    event.preventDefault();
    keeping.mutate();
  };
  return (
    <>
      <section>
        <h2 className="h2rim">{entry.name}</h2>
        {entry.own && (
          <p className="note">
            <b>{entry.own.reason}</b>
            <span className="soft block">
              {entry.own.by}, {entry.own.on}.{" "}
              {t("pantry.was", { grams: shown(entry.reference_grams, decimals(entry.reference_grams), i18n.language) })}
            </span>
          </p>
        )}
        {entry.per_tsp !== null && (
          <p className="note num">{t("pantry.perTsp", { grams: shown(entry.per_tsp, 2, i18n.language) })}</p>
        )}
        {entry.allergens.length > 0 && (
          <p className="note">{t("lab.allergens", { list: entry.allergens.join(", ") })}</p>
        )}
        {entry.aliases.length > 0 && <p className="note soft">{entry.aliases.join(", ")}</p>}
        {entry.notes && <p className="note">{entry.notes}</p>}
      </section>
      {entry.handlings.length > 0 && (
        <section>
          <h2 className="h2rim">{t("pantry.handlings")}</h2>
          <table className="supplies">
            <tbody>
              {entry.handlings.map((handling) => (
                <tr key={handling.name}>
                  <th scope="row" className="font-normal">
                    {handling.name}
                  </th>
                  <td className="num">× {shown(handling.factor, 2, i18n.language)}</td>
                  <td className="soft">{t(`pantry.advisable.${handling.advisable}`)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {entry.per === "cup" && <NearestMeasure ingredient={entry.id} />}
      <form className="grid gap-3" onSubmit={keep} noValidate>
        <h2 className="h2rim">{t("pantry.ours")}</h2>
        <Field
          label={t(`pantry.gramsOf.${entry.per}`)}
          inputMode="decimal"
          maxLength={8}
          value={grams}
          problem={fields.grams?.[0]}
          onChange={(event) => setGrams(event.target.value)}
        />
        <Field
          label={t("pantry.reason")}
          maxLength={200}
          value={reason}
          problem={fields.reason?.[0]}
          onChange={(event) => setReason(event.target.value)}
        />
        <button type="submit" className="btn btn-primary min-h-11" aria-busy={keeping.isPending}>
          {t("pantry.keep")}
        </button>
        {(entry.own || entry.added) && (
          <button type="button" className="btn btn-outline min-h-11" onClick={() => back.mutate()}>
            {t(entry.added ? "pantry.takeAway" : "pantry.back")}
          </button>
        )}
        <p className="soft text-[0.875rem]">{t("pantry.frozen")}</p>
      </form>
    </>
  );
}
