import "../../css/prepare.css";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useParams } from "react-router";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import ReadScale from "../scale/ReadScale";
import { sources } from "../scale/sources";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { boardOf } from "./board";

/** A computer at the weighing table reads the scale, and sends what it shows to the station whose food it is. */
export default function WeighingTable() {
  const { t } = useTranslation();
  const { lab = "" } = useParams();
  const board = useQuery(boardOf(Number(lab)));
  const sending = useSend("post", "/api/labs/{lab}/readings");
  const [read, setRead] = useState<{ grams: string; report: string }>();
  const [sent, setSent] = useState("");
  const [source] = sources();
  if (board.isPending) return <Loading />;
  if (board.isError) return <ProblemNote error={board.error} retry={board.refetch} />;
  return (
    <main className="sheet weighing-table">
      <div className="grid content-start gap-6">
        <header className="sheet-head !pb-0">
          <h1>{t("table.title")}</h1>
          <Link className="quiet grid items-center" to={`/labs/${lab}`}>
            {board.data.lab.title}
          </Link>
        </header>
        <p>{t("table.hint")}</p>
        {source === undefined || source === "typed" ? (
          <p role="status">{t("table.none")}</p>
        ) : (
          <ReadScale source={source} step={1} onTake={(grams, report) => setRead({ grams, report })} />
        )}
        <h2 className="h2rim">{read ? t("table.to", { grams: read.grams }) : t("table.first")}</h2>
        <div className="choices">
          {board.data.stations.map((station) => (
            <button
              key={station.id}
              type="button"
              className="name"
              disabled={!read}
              onClick={() =>
                read &&
                sending.send(
                  {
                    params: { path: { lab: board.data.lab.id } },
                    body: { station_id: station.id, report: read.report },
                  },
                  () => {
                    setSent(t("table.sent", { grams: read.grams, station: station.name }));
                    setRead(undefined);
                  },
                )
              }
            >
              {station.name}
            </button>
          ))}
        </div>
        <p role="status">{sent}</p>
        <FieldProblem>{sending.says}</FieldProblem>
      </div>
    </main>
  );
}
