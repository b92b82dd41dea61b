import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import TakeOut from "../kit/TakeOut";
import Bowl from "./Bowl";
import { type Class, useClassRefresh } from "./class";
import Renaming from "./Renaming";
import StudentPin from "./StudentPin";
import StudentWays from "./StudentWays";

type Student = Class["students"][number];
type Props = {
  one: Class;
  /** none: those without a seat */
  station: Class["stations"][number] | undefined;
  change: (student: Student, station: number | null) => void;
};

/** One station with who sits there; without students it can be taken out. */
export default function Seat({ one, station, change }: Props) {
  const { t } = useTranslation();
  const dropping = useSend("delete", "/api/sections/{section}/stations/{station}", useClassRefresh());
  const place = station?.id ?? null;
  const here = one.students.filter((student) => student.station_id === place);
  if (!station && here.length === 0) return null;
  const drop = (student: Student | undefined) => {
    if (student && student.station_id !== place) change(student, place);
  };
  return (
    <section
      className="seat"
      aria-label={station?.name ?? t("class.noSeat")}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        const dragged = Number(event.dataTransfer.getData("text/plain"));
        drop(one.students.find((student) => student.id === dragged));
      }}
    >
      <h3>
        {station?.name ?? t("class.noSeat")}
        {station && here.length === 0 && (
          <TakeOut
            className="quiet"
            label={t("class.dropStation", { name: station.name })}
            question={t("lab.takeOutSure", { name: station.name })}
            gone={t("lab.isOut", { name: station.name })}
            take={() => dropping.send({ params: { path: { section: one.id, station: station.id } } })}
          >
            {t("lab.takeOut")}
          </TakeOut>
        )}
      </h3>
      <FieldProblem>{dropping.says}</FieldProblem>
      {station && <Bowl section={one.id} station={station} />}
      <ul>
        {here.map((student) => (
          <li
            key={student.id}
            id={`student-${student.id}`}
            draggable
            onDragStart={(event) => event.dataTransfer.setData("text/plain", String(student.id))}
          >
            <Renaming section={one.id} student={student} />
            <select
              aria-label={t("class.seatOf", { name: student.name })}
              value={student.station_id ?? ""}
              onChange={(event) => change(student, event.target.value ? Number(event.target.value) : null)}
            >
              <option value="">{t("class.noSeat")}</option>
              {one.stations.map((each) => (
                <option key={each.id} value={each.id}>
                  {each.name}
                </option>
              ))}
            </select>
            {student.has_pin && <StudentPin section={one.id} student={student} />}
            <StudentWays section={one.id} student={student} />
          </li>
        ))}
      </ul>
    </section>
  );
}
