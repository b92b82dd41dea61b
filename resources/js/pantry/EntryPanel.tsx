import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";
import SendButton from "../kit/SendButton";
import { useKeptText } from "../kit/useKeptText";
import HandlingLine from "./HandlingLine";
import NearestMeasure from "./NearestMeasure";
import { type Entry, weight } from "./weight";

/** All about one food, and the weight this kitchen found for it. */
export default function EntryPanel({ entry }: { entry: Entry }) {
  const { t, i18n } = useTranslation();
  const refresh = useRefresh();
  // Half filled in, it outlives leaving the page.
  const [grams, setGrams, dropGrams] = useKeptText(`own.${entry.id}.grams`, weight(entry.grams, i18n.language));
  const [reason, setReason, dropReason] = useKeptText(`own.${entry.id}.reason`, entry.own?.reason ?? "");
  const path = { ingredient: entry.id };
  const done = { onSuccess: () => refresh.of("/api/pantry") };
  const keeping = useSend("put", "/api/pantry/{ingredient}", done);
  const takingBack = useSend("delete", "/api/pantry/{ingredient}", done);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    keeping.send({ params: { path }, body: { grams, reason } }, () => {
      dropGrams();
      dropReason();
    });
  };
  return (
    <>
      <section>
        <h2 className="h2rim">{entry.name}</h2>
        <p className="entry-weight num">
          <b>{weight(entry.grams, i18n.language)} g</b> {t(`pantry.${entry.per}`)}
          <span className="soft block">
            {entry.own ? t("pantry.own") : `${entry.source}, ${t(`pantry.confidence.${entry.confidence}`)}`}
          </span>
        </p>
        {entry.own && (
          <p className="note">
            <b>
              {entry.own.trials === null
                ? t("pantry.onePerson", { reason: entry.own.reason })
                : t("pantry.fromTrials", { count: entry.own.trials })}
            </b>
            <span className="soft block">
              {entry.own.by}, {entry.own.on}. {t("pantry.was", { grams: weight(entry.reference_grams, i18n.language) })}
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
          <ul>
            {entry.handlings.map((handling) => (
              <HandlingLine key={handling.name} handling={handling} />
            ))}
          </ul>
        </section>
      )}
      {entry.per === "cup" && (
        <Link className="btn btn-primary min-h-11" to={`/pantry/${entry.id}/standard`}>
          {t("pantry.weighOurs")}
        </Link>
      )}
      {entry.bag_notice && <p className="note tag-now">{entry.bag_notice}</p>}
      {entry.per === "cup" && <NearestMeasure ingredient={entry.id} />}
      <form className="grid gap-3" onSubmit={keep} noValidate>
        <h2 className="h2rim">{t("pantry.ours")}</h2>
        <Field
          label={t(`pantry.gramsOf.${entry.per}`)}
          inputMode="decimal"
          maxLength={8}
          value={grams}
          problem={keeping.at("grams")}
          onChange={(event) => setGrams(event.target.value)}
        />
        <Field
          label={t("pantry.reason")}
          maxLength={200}
          value={reason}
          problem={keeping.at("reason")}
          onChange={(event) => setReason(event.target.value)}
        />
        <SendButton className="btn btn-primary min-h-11" isPending={keeping.isPending}>
          {t("pantry.keep")}
        </SendButton>
        {(entry.own || entry.added) && (
          <button
            type="button"
            className="btn btn-outline min-h-11"
            onClick={() => takingBack.send({ params: { path } })}
          >
            {t(entry.added ? "pantry.takeAway" : "pantry.back")}
          </button>
        )}
        <FieldProblem>{takingBack.says}</FieldProblem>
        <p className="soft text-[0.875rem]">{t("pantry.frozen")}</p>
      </form>
    </>
  );
}
