import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import Field from "../kit/Field";
import { finds } from "../kit/search";
import WordingRow from "./WordingRow";
import type { Wording } from "./words";

const KINDS = ["step", "reason", "note", "caution", "slip", "consequence", "tool"] as const;

/** What students read, found by any word of it: said as this kitchen says it. */
export default function WordsPage({ wordings }: { wordings: Wording[] }) {
  const { t } = useTranslation();
  const [asked] = useSearchParams();
  const [sought, seek] = useState(asked.get("find") ?? "");
  const [onlyOurs, showOurs] = useState(false);
  const isSought = finds(sought);
  const shown = wordings.filter(
    (one) => (!onlyOurs || one.own !== null) && isSought([one.seeded, one.id, ...(one.own === null ? [] : [one.own])]),
  );
  return (
    <main className="words">
      <h1>{t("words.title")}</h1>
      <Field
        label={t("words.find")}
        type="search"
        value={sought}
        maxLength={80}
        onChange={(event) => seek(event.target.value)}
      />
      <p className="py-3">{t("words.hint")}</p>
      <label className="words-ours">
        <input type="checkbox" checked={onlyOurs} onChange={(event) => showOurs(event.target.checked)} />
        {t("words.onlyOurs")}
      </label>
      <p role="status" className="unseen">
        {t("words.found", { count: shown.length })}
      </p>
      {shown.length === 0 && <p className="py-6">{t(onlyOurs ? "words.noneOurs" : "words.none")}</p>}
      {KINDS.map((kind) => {
        const some = shown.filter((one) => one.kind === kind);
        return (
          some.length > 0 && (
            <section key={kind}>
              <h2 className="h2rim">{t(`words.kind.${kind}`)}</h2>
              <ul>
                {some.map((one) => (
                  <WordingRow key={one.id} wording={one} />
                ))}
              </ul>
            </section>
          )
        );
      })}
    </main>
  );
}
