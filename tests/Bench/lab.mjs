// Lab day on the stack of `bin/hovik bench lab`, loopback only, bounded in time: every station weighs in at a real pace, its tablet
// and its teacher's board listen, take what the stream carries, and ask only where it carries nothing, as the application does. Then the highest rate beside the bare route, and crashes.
import { execFileSync } from "node:child_process";
import { readdirSync, readFileSync } from "node:fs";
import { performance } from "node:perf_hooks";
import { ulid } from "ulid";
import { base, signIn } from "./visitor.mjs";

const LABS = Number(process.env.HOVIK_BENCH_LABS);
const STATIONS = Number(process.env.HOVIK_BENCH_STATIONS);
const SECONDS = Number(process.env.HOVIK_BENCH_SECONDS ?? 120);
const BETWEEN_S = [45, 75]; // two pairs of hands, one weigh-in a minute
const LOOK_S = { tablet: 600, board: 600 }; // the stream opens anew so often, and then all is asked for
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const at = (list, share) => [...list].sort((a, b) => a - b)[Math.floor(share * (list.length - 1))] ?? Number.NaN;
const two = (n) => String(n).padStart(2, "0");

// Chance that is the same each time.
let seed = 42;
const chance = () => {
  seed = (seed * 48271) % 2147483647;
  return seed / 2147483647;
};

const tablets = [];
const seconds = []; // a second tablet at the first station of each lab
const teachers = [];
await Promise.all(
  Array.from({ length: 6 }, async (_, worker) => {
    for (let lab = 1 + worker; lab <= LABS; lab += 6) {
      const teacher = await signIn("/api/teacher/session", {
        email: `bench${lab}@school.example`,
        password: "bench-and-flour",
      });
      const second = await signIn("/api/station/session", { code: `B${String(lab).padStart(3, "0")}01XY` });
      seconds.push(second);
      for (let station = 1; station <= STATIONS; station++) {
        const tablet = await signIn("/api/station/session", {
          code: `B${String(lab).padStart(3, "0")}${two(station)}XY`,
        });
        tablet.kitchen = await tablet.expect(200, "GET", "/api/work");
        tablet.teacher = teacher;
        tablets.push(tablet);
      }
      teacher.lab = tablets.at(-1).kitchen.lab.id;
      teacher.line = tablets.at(-1).kitchen.lines[0].id;
      teachers.push(teacher);
    }
  }),
);

const SERVERS = ["nginx", "live", "php-fpm", "teller", "mariadb"];
const pidFile = (name) => `${process.env.HOVIK_RUN}/${name}.group`;

/** MB that each server holds, what processes share counted once. */
function memory() {
  const groups = Object.fromEntries(SERVERS.map((name) => [readFileSync(pidFile(name), "utf8").trim(), name]));
  const held = {};
  for (const pid of readdirSync("/proc").filter((name) => /^\d+$/.test(name))) {
    try {
      const [, pgrp] = readFileSync(`/proc/${pid}/stat`, "utf8").split(") ").at(-1).split(" ").slice(1);
      const name = groups[pid] ?? groups[pgrp];
      if (name === undefined) continue;
      const [, kb] = readFileSync(`/proc/${pid}/smaps_rollup`, "utf8").match(/^Pss:\s+(\d+)/m);
      held[name] = (held[name] ?? 0) + Number(kb) / 1000;
    } catch {
      // it has ended meanwhile
    }
  }
  return SERVERS.map((name) => Math.round(held[name] ?? 0)).join(" + ");
}

/** Jiffies so far: all, idle, and those that the machine under this one took for others. */
const jiffies = () => {
  const [, ...all] = readFileSync("/proc/stat", "utf8").split("\n")[0].split(/\s+/).map(Number);
  return { all: all.slice(0, 8).reduce((sum, one) => sum + one, 0), idle: all[3] + all[4], taken: all[7] };
};

const errors = [];
const stored = [];
const arrived = [];
const agreed = [];
const sentAt = new Map();
const sentBeside = new Map(); // by stations with a second tablet
const acknowledged = new Set();

// Boards and tablets look again when they hear something; one look at a time, as the application does.
const looking = (look) => {
  let on = false;
  let again = false;
  return async () => {
    again = true;
    if (on) return;
    on = true;
    while (again) {
      again = false;
      await look().catch((error) => errors.push(error.message));
    }
    on = false;
  };
};
let asked = 0; // by those who listen
/** What a stream tells is on screen when it is told; where it carries nothing, a look is. */
const hearing = (visitor, ids, known, seen) => {
  const see = (carrier) => {
    const now = performance.now();
    for (const id of ids(carrier)) {
      if (known.has(id)) seen.push([now - known.get(id), known.get(id)]);
      known.delete(id);
    }
  };
  visitor.look = looking(async () => {
    asked++;
    see(await visitor.expect(200, "GET", visitor.page));
  });
  return (fact) => (fact.change ? see(fact.change) : visitor.look());
};
for (const teacher of teachers) {
  teacher.page = `/api/labs/${teacher.lab}/board`;
  const ids = ({ weighings }) => weighings.map(({ id }) => id);
  await teacher.listen(`/live/labs/${teacher.lab}`, hearing(teacher, ids, sentAt, arrived));
}
const ofLines = ({ lines }) => lines.flatMap((line) => line.attempts.map(({ id }) => id));
const streamOf = ({ section_id, station_id }) => `/live/sections/${section_id}/stations/${station_id}`;
for (const second of seconds) {
  second.kitchen = await second.expect(200, "GET", "/api/work");
  second.page = "/api/work";
  await second.listen(streamOf(second.kitchen), hearing(second, ofLines, sentBeside, agreed));
}
const beside = new Set(seconds.map((second) => second.kitchen.station_id));
for (const tablet of tablets) {
  tablet.page = "/api/work";
  await tablet.listen(streamOf(tablet.kitchen), hearing(tablet, ofLines, new Map(), []));
}

const weighIn = (tablet, n, id = ulid()) =>
  tablet.expect(201, "PUT", `/api/weighings/${id}`, {
    line_id: tablet.kitchen.lines[n % tablet.kitchen.lines.length].id,
    student_id: tablet.kitchen.students[n % tablet.kitchen.students.length].id,
    scale_id: tablet.kitchen.scales[0].id,
    grams: "219",
    ticked: [],
  });

const before = memory();
const from = performance.now();
const isOver = () => performance.now() - from > SECONDS * 1000;
const held = [];
const spent = [];
await Promise.all([
  (async () => {
    for (let minute = 1; minute * 60 <= SECONDS; minute++) {
      const then = jiffies();
      await wait(60_000);
      const now = jiffies();
      const share = (what) => `${Math.round((100 * (now[what] - then[what])) / (now.all - then.all))}`;
      spent.push(`${100 - share("idle")}/${share("taken")}`);
      held.push(memory());
    }
  })(),
  ...tablets.map(async (tablet, i) => {
    await wait(1000 * BETWEEN_S[1] * chance());
    for (let n = i; !isOver(); n++) {
      const id = ulid();
      const start = performance.now();
      sentAt.set(id, start);
      if (beside.has(tablet.kitchen.station_id)) sentBeside.set(id, start);
      try {
        await weighIn(tablet, n, id);
        stored.push([performance.now() - start, start]);
        acknowledged.add(id);
      } catch (error) {
        errors.push(error.message);
      }
      await wait(1000 * (BETWEEN_S[0] + (BETWEEN_S[1] - BETWEEN_S[0]) * chance()));
    }
  }),
  ...[...tablets.map((one) => [one, LOOK_S.tablet]), ...teachers.map((one) => [one, LOOK_S.board])].map(
    async ([visitor, every]) => {
      await wait(1000 * Math.min(every * chance(), SECONDS));
      while (!isOver()) {
        await visitor.look();
        await wait(Math.max(0, Math.min(1000 * every, from + SECONDS * 1000 - performance.now())));
      }
    },
  ),
]);
await wait(2000);
const after = memory();
console.log(
  `${LABS} labs of ${STATIONS} stations for ${SECONDS} s at a real pace: ${stored.length} weigh-ins, ${(stored.length / SECONDS).toFixed(1)} a second; ${errors.length} errors`,
);
if (errors.length > 0) console.log(`  first error: ${errors[0]}`);
const minutes = Array.from({ length: Math.ceil(SECONDS / 60) }, (_, i) => i);
/** p50 and p95 of all, and the p95 of each minute. */
const tell = (what, list) => {
  const ms = list.map(([took]) => took);
  const of = (minute) =>
    list.filter(([, start]) => Math.floor((start - from) / 60_000) === minute).map(([took]) => took);
  console.log(
    `  ${what} p50 ${at(ms, 0.5).toFixed(0)} ms   p95 ${at(ms, 0.95).toFixed(0)} ms, by the minute ${minutes.map((minute) => at(of(minute), 0.95).toFixed(0)).join(", ")}   (${ms.length})`,
  );
};
console.log(
  `  those who listen asked ${(asked / Math.max(1, stored.length)).toFixed(2)} times a weigh-in (2 to 3 before, aim: 0.2)`,
);
tell("storing a weigh-in    ", stored);
tell("its arrival on a board", arrived);
tell("at a second tablet    ", agreed);
console.log(`  processors busy / taken by the machine under this one, by the minute: ${spent.join(", ")} %`);
console.log(
  `  ${SERVERS.join(" + ")} hold ${before} MB before; minute by minute ${held.join(", ")}; ${after} MB after`,
);

// The highest rate, beside the bare route, in turn.
async function rate(call, seconds) {
  const end = performance.now() + seconds * 1000;
  let done = 0;
  await Promise.all(
    Array.from({ length: 6 }, async (_, worker) => {
      for (let n = worker; performance.now() < end; n += 6, done++) await call(tablets[n % tablets.length], n);
    }),
  );
  return done / seconds;
}
const bare = (tablet, n) =>
  tablet.expect(201, "PUT", `/api/bench/station/${ulid()}`, {
    line_id: tablet.kitchen.lines[n % 8].id,
    grams: "219",
  });
const full = async (tablet, n) => {
  const id = ulid();
  await weighIn(tablet, n, id);
  acknowledged.add(id);
};
const rates = { bare: [], full: [] };
for (let round = 0; round < 5; round++) {
  rates.bare.push(await rate(bare, 3));
  rates.full.push(await rate(full, 3));
}
const ratios = rates.full.map((one, i) => one / rates.bare[i]);
console.log(
  `  highest rate held: ${at(rates.full, 0.5).toFixed(0)} weigh-ins a second with everybody listening, bare ${at(rates.bare, 0.5).toFixed(0)}: x ${at(ratios, 0.5).toFixed(2)}`,
);

// Crashes, one server after the other, while stations go on weighing and keep what is not acknowledged.
let crashing = true;
const kept = tablets.slice(0, 24).map(async (tablet, i) => {
  for (let n = i; crashing; n++) {
    const id = ulid();
    for (;;) {
      const answer = await tablet
        .ask("PUT", `/api/weighings/${id}`, {
          line_id: tablet.kitchen.lines[n % 8].id,
          student_id: tablet.kitchen.students[n % 4].id,
          scale_id: tablet.kitchen.scales[0].id,
          grams: "219",
          ticked: [],
        })
        .catch(() => ({ status: 0 }));
      if (answer.status === 201 || answer.status === 200) {
        acknowledged.add(id);
        break;
      }
      await wait(300);
    }
    await wait(400);
  }
});
for (const server of ["mariadb", "php-fpm", "teller", "live", "nginx"]) {
  await wait(3000);
  const ms = Number(execFileSync("bash", ["ops/hurt.sh", "bench", server, base.port], { encoding: "utf8" }));
  console.log(`  ${server} killed; answered again after ${(ms / 1000).toFixed(1)} s, with nobody's help`);
  if (ms > 5000) errors.push(`${server} was away for ${ms} ms`);
}
await wait(3000);
crashing = false;
await Promise.all(kept);
const seen = new Map();
for (const teacher of teachers) {
  for (const { id } of (await teacher.expect(200, "GET", `/api/labs/${teacher.lab}/board`)).weighings)
    seen.set(id, (seen.get(id) ?? 0) + 1);
}
const lost = [...acknowledged].filter((id) => !seen.has(id)).length;
const twice = [...seen.values()].filter((times) => times > 1).length;
console.log(`  ${acknowledged.size} acknowledged weigh-ins, ${lost} lost, ${twice} twice`);
for (const visitor of [...tablets, ...seconds, ...teachers]) visitor.close();
process.exit(errors.length + lost + twice > 0 ? 1 : 0);
