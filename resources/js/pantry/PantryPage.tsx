import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import Field from "../kit/Field";
import { finds } from "../kit/search";
import { useIsWide } from "../kit/useIsWide";
import TechniqueLink from "../technique/TechniqueLink";
import EntryPanel from "./EntryPanel";
import NewFood from "./NewFood";
import { type Entry, weight } from "./weight";

/** Every ingredient: found by any of its names; its weights, how handling changes them, and where they come from. */
export default function PantryPage({ entries }: { entries: Entry[] }) {
  const { t, i18n } = useTranslation();
  const isWide = useIsWide();
  const [sought, setSought] = useState("");
  const [search] = useSearchParams();
  const [open, setOpen] = useState<string | undefined>(search.get("food") ?? undefined);
  const isFound = finds(sought);
  const found = entries.filter((entry) => isFound([entry.name, ...entry.aliases]));
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
          <button
            type="button"
            className="btn btn-outline"
            aria-pressed={chosen === undefined}
            onClick={() => setOpen(undefined)}
          >
            {t("pantry.addFood")}
          </button>
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
            {found.map((entry) => [
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
                <td className="num whitespace-nowrap">
                  <b>{weight(entry.grams, i18n.language)} g</b> <span className="soft">{t(`pantry.${entry.per}`)}</span>
                </td>
                <td>
                  {entry.own ? <span className="tag-now">{t("pantry.own")}</span> : entry.source}
                  {!entry.own && <span className="soft">, {t(`pantry.confidence.${entry.confidence}`)}</span>}
                </td>
              </tr>,
              !isWide && entry === chosen && (
                <tr key="panel">
                  <td colSpan={4}>
                    <EntryPanel key={entry.id} entry={entry} />
                  </td>
                </tr>
              ),
            ])}
          </tbody>
        </table>
        {found.length === 0 && <p className="py-6">{t("pantry.none", { word: sought })}</p>}
      </div>
      <aside className="sheet-side">
        {chosen ? (
          isWide && <EntryPanel key={chosen.id} entry={chosen} />
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
