import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import SendButton from "../kit/SendButton";
import { type Class, useClassRefresh } from "./class";

/** Seats dealt out by chance: looked at first, then kept or dealt again. Who is away keeps their seat. */
export default function DealOut({ one }: { one: Class }) {
  const { t } = useTranslation();
  const after = useClassRefresh();
  const of = { params: { path: { section: one.id } } };
  const dealing = useSend("post", "/api/sections/{section}/seats");
  const keeping = useSend("put", "/api/sections/{section}/seats", after);
  const deal = () => dealing.send({ ...of, body: { seed: Math.floor(Math.random() * 2 ** 31) } });
  const seats = dealing.data?.seats;
  const nameOf = (id: number) => one.students.find((student) => student.id === id)?.name ?? "";
  return (
    <div className="deal-out">
      <p className="flex flex-wrap gap-2">
        <SendButton type="button" className="btn btn-outline min-h-11" isPending={dealing.isPending} onClick={deal}>
          {t(seats ? "class.dealAgain" : "class.deal")}
        </SendButton>
        {seats && (
          <SendButton
            type="button"
            className="btn btn-primary min-h-11"
            isPending={keeping.isPending}
            onClick={() => keeping.send({ ...of, body: { seats } }, () => dealing.reset())}
          >
            {t("class.dealKeep")}
          </SendButton>
        )}
      </p>
      <div role="status">
        <FieldProblem>{dealing.says ?? keeping.says}</FieldProblem>
        {seats && (
          <dl className="dealt">
            {one.stations.map((station) => (
              <div key={station.id}>
                <dt>{station.name}</dt>
                <dd>
                  {seats
                    .filter((seat) => seat.station_id === station.id)
                    .map((seat) => nameOf(seat.student_id))
                    .join(", ")}
                </dd>
              </div>
            ))}
          </dl>
        )}
      </div>
    </div>
  );
}
