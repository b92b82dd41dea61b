import { type FormEvent, useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { emptied } from "../kit/sent";
import { type Class, useClassRefresh } from "./class";
import DealOut from "./DealOut";
import Picked, { PICKED } from "./Picked";
import SeatRow from "./SeatRow";

/**
 * Who sits where: a rim a station, seats hung from it. A tap picks somebody up, a tap on a station puts them there; by keyboard, by touch,
 * or by dragging a name. The focus stays with who was moved.
 */
export default function Seats({ one }: { one: Class }) {
  const { t } = useTranslation();
  const after = useClassRefresh();
  const adding = useSend("post", "/api/sections/{section}/stations", after);
  const seating = useSend("put", "/api/sections/{section}/seats", after);
  const [name, setName] = useState("");
  const [picked, pick] = useState<number[]>([]);
  const [isSeveral, takeSeveral] = useState(false);
  const moved = useRef<number>(undefined);
  const who = one.students.filter((student) => picked.includes(student.id));
  useEffect(() => {
    if (moved.current !== undefined) document.getElementById(`seat-${moved.current}`)?.focus();
    moved.current = undefined;
  }, [one.students]);
  const seat = (seats: { student_id: number; station_id: number | null }[]) => {
    moved.current = seats[0]?.student_id;
    pick([]);
    takeSeveral(false);
    if (seats.length > 0) seating.send({ params: { path: { section: one.id } }, body: { seats } });
  };
  const putAt = (ids: number[], station: number | null) =>
    seat(
      one.students
        .filter((student) => ids.includes(student.id) && student.station_id !== station)
        .map((student) => ({ student_id: student.id, station_id: station })),
    );
  const tap = (id: number) => {
    if (picked.includes(id)) pick(picked.filter((other) => other !== id));
    else pick(isSeveral ? [...picked, id] : [id]);
  };
  const add = (event: FormEvent) => {
    event.preventDefault();
    adding.send({ params: { path: { section: one.id } }, body: { name } }, () => setName(emptied(name)));
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: Esc is heard from the buttons within
    <section
      onKeyDown={(event) => {
        if (event.key === "Escape" && picked.length > 0) pick([]);
      }}
    >
      <div className="flex flex-wrap items-end justify-between gap-x-6">
        <h2 className="h2rim flex-1">{t("class.seats")}</h2>
        {one.students.length > 1 && (
          <button
            type="button"
            className="btn btn-outline min-h-11"
            aria-pressed={isSeveral}
            onClick={() => {
              takeSeveral(!isSeveral);
              pick([]);
            }}
          >
            {t("class.several")}
          </button>
        )}
      </div>
      <div className="seat-plan">
        {[...one.stations, undefined].map((station) => (
          <SeatRow
            key={station?.id ?? "none"}
            one={one}
            station={station}
            picked={picked}
            tap={tap}
            put={(ids) => putAt(ids ?? picked, station?.id ?? null)}
          />
        ))}
      </div>
      {one.students.length > 0 && <p className="soft pt-3">{t("class.pickHint")}</p>}
      <div id={PICKED} role="status">
        {who.length > 0 && (
          <Picked
            key={picked.join()}
            one={one}
            who={who}
            put={(station) => putAt(picked, station)}
            swap={(first, second) =>
              seat([
                { student_id: first.id, station_id: second.station_id },
                { student_id: second.id, station_id: first.station_id },
              ])
            }
            back={() => {
              moved.current = picked[0];
              pick([]);
              document.getElementById(`seat-${picked[0]}`)?.focus();
            }}
          />
        )}
      </div>
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
