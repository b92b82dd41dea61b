import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { emptied } from "../kit/sent";
import { type Class, useClassRefresh } from "./class";
import DealOut from "./DealOut";
import SeatRow from "./SeatRow";
import type { Seating } from "./useSeating";

/**
 * Who sits where: a rim a station, seats hung from it. A tap picks somebody up, a tap on a station puts them there; by keyboard, by touch,
 * or by dragging a name.
 */
export default function Seats({ one, seating }: { one: Class; seating: Seating }) {
  const { t } = useTranslation();
  const adding = useSend("post", "/api/sections/{section}/stations", useClassRefresh());
  const [name, setName] = useState("");
  const add = (event: FormEvent) => {
    event.preventDefault();
    adding.send({ params: { path: { section: one.id } }, body: { name } }, () => setName(emptied(name)));
  };
  return (
    <section>
      <div className="seats-head">
        <h2>{t("class.seats")}</h2>
        {one.students.length > 1 && (
          <button
            type="button"
            className="btn btn-outline min-h-11"
            aria-pressed={seating.isSeveral}
            onClick={seating.several}
          >
            {t("class.several")}
          </button>
        )}
      </div>
      {[...one.stations, undefined].map((station) => (
        <SeatRow
          key={station?.id ?? "none"}
          one={one}
          station={station}
          picked={seating.picked}
          tap={seating.tap}
          put={(ids) => seating.put(station?.id ?? null, ids)}
        />
      ))}
      {one.students.length > 0 && <p className="soft pt-3">{t("class.pickHint")}</p>}
      {one.students.length > 0 && one.stations.length > 0 && <DealOut one={one} />}
      <FieldProblem>{seating.says}</FieldProblem>
      <form className="flex items-end gap-3 pt-4" onSubmit={add} noValidate>
        <Field
          label={t("class.newStation")}
          value={name}
          maxLength={40}
          problem={adding.says}
          onChange={(event) => setName(event.target.value)}
        />
        <SendButton className="btn btn-outline min-h-11" isPending={adding.isPending}>
          {t("class.add")}
        </SendButton>
      </form>
    </section>
  );
}
