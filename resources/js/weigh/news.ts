import { type Kitchen, type Line, latest } from "./kitchen";

/** Something the station is told, by its sentence in `told.` and what goes into it. */
export type News = { id: string; values?: Record<string, string | number>; verdict?: string };

/** Who hears it: the weigh-ins that were sent from this device, and the line that is open on it. */
export type Hearer = { own: ReadonlyMap<string, unknown>; open: number | undefined };

/** What others did, from how it was to how it is: once, however it became known. */
export function news(was: Kitchen, now: Kitchen, hearer: Hearer): News[] {
  if (was.lab === null || now.lab === null) {
    if (was.lab === now.lab || was.station_id !== now.station_id) return [];
    return [{ id: now.lab ? "opened" : "closed" }];
  }
  if (was.lab.id !== now.lab.id) return [{ id: "opened" }];
  const all: News[] = [];
  if (was.paused !== now.paused) all.push({ id: now.paused ? "paused" : "resumed" });
  if (was.ends_at !== now.ends_at) all.push({ id: "bell", values: { at: now.ends_at ?? "" } });
  const before = new Map(was.lines.map((line) => [line.id, line]));
  const back = now.lines.filter((line) => line.sent_back !== null && before.get(line.id)?.sent_back === null);
  for (const line of back) all.push({ id: "sentBack", values: { name: line.name, why: line.sent_back ?? "" } });
  if (was.gate?.released !== now.gate?.released && (now.gate?.released || back.length === 0)) {
    all.push({ id: now.gate?.released ? "released" : "closedAgain" });
  }
  for (const line of now.lines) {
    const then = before.get(line.id);
    if (then) all.push(...weighed(then, line, hearer));
  }
  return all;
}

/** A teacher's correction; and what another device weighed of the line that is open here. */
function weighed(was: Line, now: Line, { own, open }: Hearer): News[] {
  const last = latest(now);
  if (!last || own.has(last.id) || was.attempts.some((one) => one.id === last.id)) return [];
  const values = { name: now.name, student: last.student, grams: last.grams, decimals: last.decimals };
  if (last.put_right === "teacher") return [{ id: "corrected", values, verdict: last.verdict }];
  return now.id === open ? [{ id: "weighed", values, verdict: last.verdict }] : [];
}
