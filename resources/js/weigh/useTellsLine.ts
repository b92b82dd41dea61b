import { useEffect, useRef } from "react";
import { ulid } from "ulid";
import client from "../api/client";
import { deviceName } from "./device";
import { useChosenId } from "./draft";
import type { Kitchen } from "./kitchen";

/** Tells which line is open on this device, for the board and for other devices of the station. A convenience: what gets lost is lost. */
export function useTellsLine(kitchen: Kitchen, line: number | undefined) {
  const [chosen] = useChosenId("student");
  const student = kitchen.kind === "student" ? kitchen.students[0]?.id : chosen;
  const isOpen = kitchen.lab !== null && kitchen.lines.some((one) => one.id === line);
  const isToldOf = useRef(false);
  isToldOf.current = kitchen.measuring.some((one) => one.device === deviceName());
  useEffect(() => {
    const open = isOpen ? line : undefined;
    if (open === undefined && !isToldOf.current) return;
    void client
      .PUT("/api/events/{event}", {
        params: { path: { event: ulid() } },
        body: {
          kind: open === undefined ? "not-measuring" : "measuring",
          line_id: open ?? null,
          student_id: student ?? null,
          detail: { device: deviceName() },
        },
      })
      .catch(() => undefined);
  }, [isOpen, line, student]);
}
