import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import TakeOut from "../kit/TakeOut";
import Bowl from "./Bowl";
import { type Class, useClassRefresh } from "./class";

type Props = {
  one: Class;
  /** none: those without a seat */
  station: Class["stations"][number] | undefined;
  picked: number[];
  tap: (student: number) => void;
  /** those who are picked up, or who were dragged */
  put: (dragged?: number[]) => void;
};

/** One station's rim with who sits there; while somebody is picked up, a free seat to put them on. Without students it can be taken out. */
export default function SeatRow({ one, station, picked, tap, put }: Props) {
  const { t } = useTranslation();
  const dropping = useSend("delete", "/api/sections/{section}/stations/{station}", useClassRefresh());
  const place = station?.id ?? null;
  const here = one.students.filter((student) => student.station_id === place);
  const isElsewhere = picked.some((id) => !here.some((student) => student.id === id));
  if (!station && here.length === 0) return null;
  const asked = { params: { path: { section: one.id, station: station?.id ?? 0 } } };
  const name = station?.name ?? t("class.noSeat");
  return (
    <section
      className="seat"
      aria-label={name}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        const dragged = Number(event.dataTransfer.getData("text/plain"));
        if (one.students.some((student) => student.id === dragged)) put([dragged]);
      }}
    >
      <div className="seat-of">
        <h3>{name}</h3>
        {here.length > 0 && (
          <p className="soft">{t("class.here", { count: here.filter((one) => !one.away).length })}</p>
        )}
        {station && <Bowl section={one.id} station={station} />}
        {station && here.length === 0 && (
          <TakeOut
            className="quiet"
            label={t("class.dropStation", { name })}
            question={t("lab.takeOutSure", { name })}
            gone={t("lab.isOut", { name })}
            may={() => dropping.may(asked)}
            take={() => dropping.send(asked)}
          >
            {t("lab.takeOut")}
          </TakeOut>
        )}
        <FieldProblem>{dropping.says}</FieldProblem>
      </div>
      <ul>
        {here.map((student) => (
          <li key={student.id} id={`student-${student.id}`}>
            <button
              type="button"
              id={`seat-${student.id}`}
              className={`seat-place ${student.away ? "is-away" : ""}`}
              aria-pressed={picked.includes(student.id)}
              draggable
              onDragStart={(event) => event.dataTransfer.setData("text/plain", String(student.id))}
              onClick={() => tap(student.id)}
            >
              <b>{student.name}</b>
              <span className="soft">
                {student.away ? t("class.away") : !student.has_pin ? t("class.noPin") : `#${student.number}`}
              </span>
            </button>
          </li>
        ))}
        {isElsewhere && (
          <li>
            <button type="button" className="seat-place is-free" onClick={() => put()}>
              {t("class.putHere", { name })}
            </button>
          </li>
        )}
      </ul>
    </section>
  );
}
