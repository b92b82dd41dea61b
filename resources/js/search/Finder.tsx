import "../../css/search.css";
import { type RefObject, useId, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/query";
import { finds } from "../kit/search";
import { useDay } from "../kit/useDay";

const MOST = 30;

/** Anything by its name: labs, recipes, students, foods, techniques. Arrows walk the list as Tab does. */
export default function Finder({ dialog }: { dialog: RefObject<HTMLDialogElement | null> }) {
  const { t } = useTranslation();
  const day = useDay();
  const title = useId();
  const [sought, seek] = useState("");
  const all = $api.useQuery("get", "/api/search", {}, { staleTime: 30_000 });
  const isFound = finds(sought);
  const found = sought.trim() === "" ? [] : (all.data ?? []).filter((one) => isFound([one.name, ...one.also]));
  const kinds = [...new Set(found.map((one) => one.kind))];
  const walk = (step: number) => {
    const stops = [...(dialog.current?.querySelectorAll<HTMLElement>("input, a") ?? [])];
    const at = stops.indexOf(document.activeElement as HTMLElement);
    stops[Math.max(0, Math.min(stops.length - 1, at + step))]?.focus();
  };
  return (
    <dialog
      ref={dialog}
      className="finder"
      aria-labelledby={title}
      onClose={() => seek("")}
      onKeyDown={(event) => {
        const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (step === undefined) return;
        event.preventDefault();
        walk(step);
      }}
    >
      <h2 id={title} className="unseen">
        {t("search.title")}
      </h2>
      <form method="dialog" className="flex gap-3">
        <input
          type="text" // a search field would take the first Esc for itself
          inputMode="search"
          className="finder-box"
          aria-label={t("search.what")}
          placeholder={t("search.what")}
          value={sought}
          onChange={(event) => seek(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== "Enter") return;
            event.preventDefault();
            dialog.current?.querySelector("a")?.click();
          }}
        />
        <button type="submit" className="btn btn-outline min-h-11">
          {t("keys.close")}
        </button>
      </form>
      <p className="unseen" role="status">
        {sought.trim() !== "" && t("search.count", { count: found.length })}
      </p>
      {sought.trim() !== "" && found.length === 0 && all.data && (
        <p className="py-4">{t("search.none", { what: sought })}</p>
      )}
      {kinds.map((kind) => (
        <section key={kind}>
          <h3>{t(`search.${kind}`)}</h3>
          <ul>
            {found
              .filter((one) => one.kind === kind)
              .slice(0, MOST)
              .map((one) => (
                <li key={one.to}>
                  <Link to={one.to} className="desk-row" onClick={() => dialog.current?.close()}>
                    <b>{one.name}</b>
                    <span className="soft">{[one.of, one.day && day(one.day)].filter(Boolean).join(", ")}</span>
                  </Link>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </dialog>
  );
}
