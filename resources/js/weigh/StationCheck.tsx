import { useState } from "react";
import { useTranslation } from "react-i18next";
import { ulid } from "ulid";
import type { Schemas } from "../api/client";
import { useRefresh } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { Tick } from "../kit/icons";
import { store, useStored } from "../kit/useStored";
import { post, useKept } from "../outbox/outbox";
import { useChosenId } from "./draft";
import { ownerOf, useKitchen, workQuery } from "./kitchen";

type Kind = "set-up" | "clean-up";
type Check = Schemas["StationChecks"];
type Props = { kind: Kind; check: Check };

const urlOf = (kind: Kind) => `/api/work/checks/${kind}`;

/** Whether a station has made a check, or has it still on this device. */
export function useIsDone() {
  const kept = useKept();
  return (kind: Kind, check: Check | null) =>
    check !== null && (check.done || kept.some((item) => item.url === urlOf(kind) && item.refused === undefined));
}

/** A station's list to tick through, before anything is measured and at the end. Half a list cannot be sent. */
export default function StationCheck({ kind, check }: Props) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const kitchen = useKitchen();
  const [student] = useChosenId("student");
  const [isPending, setPending] = useState(false);
  const [problem, setProblem] = useState<string>();
  // Ticked already, should the tablet have died in the middle.
  const place = `hovik.draft.${check.lab_id}.${ownerOf(kitchen)}.${kind}`;
  const ticked = useStored(localStorage, place)?.split(" ").filter(Boolean) ?? [];
  const tick = (ids: string[]) => store(localStorage, place, ids.join(" "));
  const send = async () => {
    setPending(true);
    const id = ulid();
    const body = { id, lab_id: check.lab_id, ticked, student_id: student ?? null };
    const sent = await post({ id, url: urlOf(kind), owner: ownerOf(kitchen), body });
    setPending(false);
    if (sent.state === "refused") return setProblem(sent.problem.message);
    store(localStorage, place, null);
    if (sent.state === "sent") refresh.keep(workQuery, (sent.answer as Schemas["StoredAtStation"]).work, sent.at);
  };
  const open = check.items.filter((item) => !ticked.includes(item.id)).length;
  return (
    <>
      <main className="station-check">
        <h1>{t(`check.${kind}`)}</h1>
        <p className="soft">{t(`check.${kind}-hint`, { lab: check.lab })}</p>
        <ul>
          {check.items.map((item) => {
            const done = ticked.includes(item.id);
            return (
              <li key={item.id}>
                <button
                  type="button"
                  aria-pressed={done}
                  onClick={() => tick(done ? ticked.filter((one) => one !== item.id) : [...ticked, item.id])}
                >
                  <span className={`tick ${done ? "on" : ""}`}>{done && <Tick size={24} />}</span>
                  <span>
                    <b>{item.said}</b>
                    <span className="soft">{item.how}</span>
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
        {check.care.length > 0 && <p className="check-care">{check.care.join(" ")}</p>}
        <FieldProblem>{problem}</FieldProblem>
      </main>
      <footer className="bench">
        <button
          type="button"
          className="btn btn-primary btn-main"
          disabled={open > 0}
          aria-busy={isPending}
          onClick={send}
        >
          {open > 0 ? t("check.left", { count: open }) : t(`check.${kind}-done`)}
        </button>
      </footer>
    </>
  );
}
