import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { emptied } from "../kit/sent";
import { type Class, useClassRefresh } from "./class";
import DealOut from "./DealOut";
import Seat from "./Seat";

/** Every student with a seat to choose: by keyboard, by touch, and by dragging a name onto a station. */
export default function Seats({ one }: { one: Class }) {
  const { t } = useTranslation();
  const after = useClassRefresh();
  const adding = useSend("post", "/api/sections/{section}/stations", after);
  const seating = useSend("put", "/api/sections/{section}/students/{student}", after);
  const [name, setName] = useState("");
  const change = (student: Class["students"][number], station: number | null) =>
    seating.send({
      params: { path: { section: one.id, student: student.id } },
      body: { name: student.name, station_id: station },
    });
  const add = (event: FormEvent) => {
    event.preventDefault();
    adding.send({ params: { path: { section: one.id } }, body: { name } }, () => setName(emptied(name)));
  };
  return (
    <section>
      <h2 className="h2rim">{t("class.seats")}</h2>
      <div className="seats">
        {[...one.stations, undefined].map((station) => (
          <Seat key={station?.id ?? "none"} one={one} station={station} change={change} />
        ))}
      </div>
      {one.students.length > 0 && <p className="soft pt-3">{t("class.ways")}</p>}
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
