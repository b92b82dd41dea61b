import { useEffect, useRef, useState } from "react";
import { useSend } from "../api/query";
import { type Class, useClassRefresh } from "./class";

type Student = Class["students"][number];
type Seat = { student_id: number; station_id: number | null };

const toSeat = (student: number | undefined) => document.getElementById(`seat-${student}`)?.focus();

/** Who is picked up, and where they are put; the focus stays with who was moved. */
export function useSeating(one: Class) {
  const seating = useSend("put", "/api/sections/{section}/seats", useClassRefresh());
  const [picked, pick] = useState<number[]>([]);
  const [isSeveral, takeSeveral] = useState(false);
  const moved = useRef<number>(undefined);
  // biome-ignore lint/correctness/useExhaustiveDependencies: when they sit elsewhere
  useEffect(() => {
    if (moved.current !== undefined) toSeat(moved.current);
    moved.current = undefined;
  }, [one.students]);
  const seat = (seats: Seat[]) => {
    moved.current = seats[0]?.student_id;
    pick([]);
    takeSeveral(false);
    if (seats.length > 0) seating.send({ params: { path: { section: one.id } }, body: { seats } });
  };
  return {
    picked,
    who: one.students.filter((student) => picked.includes(student.id)),
    isSeveral,
    says: seating.says,
    several: () => {
      takeSeveral(!isSeveral);
      pick([]);
    },
    tap: (id: number) => {
      if (picked.includes(id)) pick(picked.filter((other) => other !== id));
      else pick(isSeveral ? [...picked, id] : [id]);
    },
    put: (station: number | null, ids = picked) =>
      seat(
        one.students
          .filter((student) => ids.includes(student.id) && student.station_id !== station)
          .map((student) => ({ student_id: student.id, station_id: station })),
      ),
    swap: (first: Student, second: Student) =>
      seat([
        { student_id: first.id, station_id: second.station_id },
        { student_id: second.id, station_id: first.station_id },
      ]),
    back: () => {
      toSeat(picked[0]);
      pick([]);
    },
  };
}

export type Seating = ReturnType<typeof useSeating>;
