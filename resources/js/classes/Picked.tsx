import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import AskOnce from "../kit/AskOnce";
import FieldProblem from "../kit/FieldProblem";
import { type Class, useClassRefresh } from "./class";
import Renaming from "./Renaming";
import StudentEnd from "./StudentEnd";
import StudentPin from "./StudentPin";
import StudentWays from "./StudentWays";
import type { Seating } from "./useSeating";

type Props = { one: Class; seating: Seating };

/** Who is picked up, and all that can be done with them: another seat, today, PIN, name, other ways, and their end. */
export default function Picked({ one, seating: { who, put, swap, back } }: Props) {
  const { t } = useTranslation();
  const after = useClassRefresh();
  const marking = useSend("put", "/api/sections/{section}/students/{student}/away", after);
  const merging = useSend("post", "/api/sections/{section}/students/{student}/merge", after);
  const [same, setSame] = useState("");
  const [student] = who;
  const only = who.length === 1 ? student : undefined;
  const others = one.students.filter((other) => other.id !== only?.id);
  const isAway = who.every((each) => each.away);
  const mark = () => {
    for (const each of who)
      marking.send({ params: { path: { section: one.id, student: each.id } }, body: { away: !isAway } });
  };
  return (
    <section className="picked" aria-label={t("class.pickedUp", { names: who.map((each) => each.name).join(", ") })}>
      <header className="flex items-center justify-between gap-3">
        <h3>{only ? <Renaming section={one.id} student={only} /> : t("class.pickedCount", { count: who.length })}</h3>
        <button type="button" className="quiet underline" onClick={back}>
          {t("class.putBack")}
        </button>
      </header>
      <p className="picked-row">
        <span>{t("class.moveTo")}</span>
        {[...one.stations, undefined].map((station) => (
          <button
            key={station?.id ?? "none"}
            type="button"
            className="btn btn-outline min-h-11"
            disabled={who.every((each) => each.station_id === (station?.id ?? null))}
            onClick={() => put(station?.id ?? null)}
          >
            {station?.name ?? t("class.noSeat")}
          </button>
        ))}
      </p>
      <p className="picked-row">
        <button type="button" className="btn btn-outline min-h-11" aria-pressed={isAway} onClick={mark}>
          {t("class.awayToday")}
        </button>
        {only && others.length > 0 && (
          <select
            className="place"
            aria-label={t("class.swapWith", { name: only.name })}
            value=""
            onChange={(event) => {
              const other = others.find((each) => String(each.id) === event.target.value);
              if (other) swap(only, other);
            }}
          >
            <option value="">{t("class.swap")}</option>
            {others.map((other) => (
              <option key={other.id} value={other.id}>
                {other.name}
              </option>
            ))}
          </select>
        )}
        {only?.has_pin && <StudentPin section={one.id} student={only} />}
        {only && <StudentWays section={one.id} student={only} />}
      </p>
      {only && (
        <details>
          <summary className="quiet underline">{t("class.moreOf", { name: only.name })}</summary>
          {others.length > 0 && (
            <p className="picked-row">
              <select
                className="place"
                aria-label={t("class.sameAs", { name: only.name })}
                value={same}
                onChange={(event) => setSame(event.target.value)}
              >
                <option value="">{t("class.samePerson")}</option>
                {others.map((other) => (
                  <option key={other.id} value={other.id}>
                    {other.name}
                  </option>
                ))}
              </select>
              {same !== "" && (
                <AskOnce
                  question={t("class.mergeSure", {
                    name: only.name,
                    other: others.find((other) => String(other.id) === same)?.name,
                  })}
                  yes={t("class.mergeYes")}
                  isPending={merging.isPending}
                  onYes={() =>
                    merging.send({
                      params: { path: { section: one.id, student: only.id } },
                      body: { into: Number(same) },
                    })
                  }
                >
                  {t("class.merge")}
                </AskOnce>
              )}
            </p>
          )}
          <StudentEnd section={one.id} student={only} />
        </details>
      )}
      <FieldProblem>{marking.says ?? merging.says}</FieldProblem>
    </section>
  );
}
