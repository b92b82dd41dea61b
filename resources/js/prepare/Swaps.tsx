import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import KitchenFraction from "../kit/KitchenFraction";
import SendButton from "../kit/SendButton";
import { emptied } from "../kit/sent";
import { useSheetRefresh } from "./lab";

type Props = { lab: number; line: Schemas["LabPageLine"]; stations: Schemas["LabStation"][] };

/** What a station has instead of a line, or that it leaves it out. Nobody is asked why. */
export default function Swaps({ lab, line, stations }: Props) {
  const { t } = useTranslation();
  const after = useSheetRefresh();
  const [station, setStation] = useState(stations[0]?.id ?? 0);
  const [text, setText] = useState("");
  const swapping = useSend("put", "/api/labs/{lab}/items/{item}/swaps/{station}", after);
  const undoing = useSend("delete", "/api/labs/{lab}/items/{item}/swaps/{station}", after);
  const at = (id: number) => ({ path: { lab, item: line.item, station: id } });
  const send = (event: FormEvent) => {
    event.preventDefault();
    swapping.send({ params: at(station), body: { text: text.trim() || null } }, () => setText(emptied(text)));
  };
  return (
    <details className="swaps">
      <summary aria-label={t("lab.swapOf", { name: line.name })}>{t("lab.swap")}</summary>
      {line.swaps.length > 0 && (
        <ul>
          {line.swaps.map((one) => (
            <li key={one.station_id}>
              <b>{one.station}</b>:{" "}
              {one.text === null ? t("lab.leftOut") : <KitchenFraction>{one.text}</KitchenFraction>}{" "}
              <button type="button" className="quiet" onClick={() => undoing.send({ params: at(one.station_id) })}>
                {t("lab.swapUndo")}
              </button>
            </li>
          ))}
        </ul>
      )}
      <form onSubmit={send}>
        <label>
          <span className="unseen">{t("lab.swapStation")}</span>
          <select value={station} onChange={(event) => setStation(Number(event.target.value))}>
            {stations.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <Field
          label={t("lab.swapText")}
          hint={t("lab.swapHint")}
          value={text}
          maxLength={200}
          problem={swapping.says ?? undoing.says}
          onChange={(event) => setText(event.target.value)}
        />
        <SendButton className="btn btn-outline" isPending={swapping.isPending}>
          {t(text.trim() === "" ? "lab.leaveOut" : "lab.swapIt")}
        </SendButton>
      </form>
    </details>
  );
}
