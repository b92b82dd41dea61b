import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import { boardOf } from "../lab/board";
import type { Sheet } from "../prepare/lab";
import HandOverStations from "./HandOverStations";
import PrintWaiting from "./PrintWaiting";

/** For whoever goes on with the lab: what each station has left, what was sent back and why, what it has out, notes, and a place to tick. */
export default function PrintHandOver({ sheet }: { sheet: Sheet }) {
  const asked = useQuery(boardOf(Number(useParams().lab)));
  if (!asked.data) return <PrintWaiting error={asked.error} retry={asked.refetch} />;
  return <HandOverStations sheet={sheet} board={asked.data} />;
}
