// A small district of `bin/hovik bench district`, loopback only, bounded in time: what a weigh-in costs there against one machine; then labs
// that go on while its nodes are killed one after the other, come back, and are changed for newer code. Tablets keep what is not
// acknowledged and send it again under the same id, as the application does.
import { execFile, execFileSync } from "node:child_process";
import { existsSync, readdirSync, readFileSync } from "node:fs";
import { performance } from "node:perf_hooks";
import { ulid } from "ulid";
import { signIn } from "./visitor.mjs";

const district = new URL(process.env.HOVIK_URL);
const single = new URL(process.env.HOVIK_ONE_MACHINE);
const LABS = Number(process.env.HOVIK_BENCH_LABS);
const STATIONS = Number(process.env.HOVIK_BENCH_STATIONS);
const AT_WORK = 4; // stations of each lab that weigh all the time
const BETWEEN_MS = [4000, 8000];
const LONGEST_MS = { database: 10_000, application: 3000 }; // the aims
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const at = (list, share) => [...list].sort((a, b) => a - b)[Math.floor(share * (list.length - 1))] ?? Number.NaN;
const s = (ms) => `${(ms / 1000).toFixed(1)} s`;
const two = (n) => String(n).padStart(2, "0");
let seed = 42;
const chance = () => {
  seed = (seed * 48271) % 2147483647;
  return seed / 2147483647;
};

const code = (lab, station) => `B${String(lab).padStart(3, "0")}${two(station)}XY`;
async function tabletAt(where, lab, station) {
  const tablet = await signIn("/api/station/session", { code: code(lab, station) }, where);
  tablet.kitchen = await tablet.expect(200, "GET", "/api/work");
  return tablet;
}
const weighing = (tablet, n) => ({
  line_id: tablet.kitchen.lines[n % tablet.kitchen.lines.length].id,
  student_id: tablet.kitchen.students[n % tablet.kitchen.students.length].id,
  scale_id: tablet.kitchen.scales[0].id,
  grams: "219",
  ticked: [],
});

// What a weigh-in costs: the same data on one machine and on the district, in turn, one tablet at a time and six at once.
const kept = { district: new Set(), single: new Set() };
const shared = {};
for (const [name, where] of Object.entries({ single, district })) {
  shared[name] = await Promise.all(Array.from({ length: 6 }, (_, i) => tabletAt(where, 1 + i, STATIONS)));
}
const spent = { single: [], district: [] };
const rates = { single: [], district: [] };
const bares = { single: [], district: [] };
const bareMs = { single: [], district: [] };
for (let round = 0; round < (process.env.HOVIK_BENCH_STEPS ? 0 : 5); round++) {
  for (const name of ["single", "district"]) {
    const [tablet] = shared[name];
    for (let n = 0; n < 30; n++) {
      const id = ulid();
      let from = performance.now();
      await tablet.expect(201, "PUT", `/api/weighings/${id}`, weighing(tablet, n));
      spent[name].push(performance.now() - from);
      kept[name].add(id);
      from = performance.now();
      await tablet.expect(201, "PUT", `/api/bench/station/${ulid()}`, {
        line_id: tablet.kitchen.lines[0].id,
        grams: "219",
      });
      bareMs[name].push(performance.now() - from);
    }
    for (const [list, call] of [
      [
        bares,
        (one) =>
          one.expect(201, "PUT", `/api/bench/station/${ulid()}`, { line_id: one.kitchen.lines[0].id, grams: "219" }),
      ],
      [
        rates,
        async (one, n) => {
          const id = ulid();
          await one.expect(201, "PUT", `/api/weighings/${id}`, weighing(one, n));
          kept[name].add(id);
        },
      ],
    ]) {
      const until = performance.now() + 3000;
      let done = 0;
      await Promise.all(
        shared[name].map(async (one) => {
          for (let n = 0; performance.now() < until; n++, done++) await call(one, n);
        }),
      );
      list[name].push(done / 3);
    }
  }
}
console.log("What it costs, one machine / the district (both on this machine's processors):");
const line = (what, of, unit, digits = 0) =>
  console.log(
    `  ${what} ${at(of.single, 0.5).toFixed(digits)} / ${at(of.district, 0.5).toFixed(digits)} ${unit}: x ${(at(of.district, 0.5) / at(of.single, 0.5)).toFixed(2)}`,
  );
line("a weigh-in, one tablet at a time, half within", spent, "ms", 1);
line("the bare route, one tablet at a time, half within", bareMs, "ms", 1);
line("weigh-ins a second, six at once", rates, "");
line("bare a second, six at once", bares, "");

// What each program spends on a weigh-in, in processor time: what goes up with the number of schools.
const runOf = (state) =>
  existsSync(`${state}/run.at`) ? readFileSync(`${state}/run.at`, "utf8").trim() : `${state}/run`;
const programs = {
  district: [
    "app1/php-fpm",
    "app2/php-fpm",
    "app1/live",
    "app2/live",
    "app1/teller",
    "app2/teller",
    "app1/nginx",
    "app2/nginx",
    "balancer/nginx",
    "balancer/haproxy",
    "redis/redis",
    "db1/mariadb",
    "db2/mariadb",
    "db3/mariadb",
  ],
  single: ["php-fpm", "live", "teller", "nginx", "mariadb"],
};
const groupOf = (name, program) => {
  const [node, what] = name === "single" ? ["", program] : program.split("/");
  const state = name === "single" ? process.env.HOVIK_STATE_ONE : `${process.env.HOVIK_DISTRICT}/${node}`;
  return readFileSync(`${runOf(state)}/${what}.group`, "utf8").trim();
};
/** By process group: hundredths of a second of processor so far, and MB held, what processes share counted once. */
function spentBy(groups) {
  const of = Object.fromEntries(groups.map((group) => [group, { cpu: 0, mb: 0 }]));
  for (const pid of readdirSync("/proc").filter((name) => /^\d+$/.test(name))) {
    try {
      const fields = readFileSync(`/proc/${pid}/stat`, "utf8").split(") ").at(-1).split(" ");
      const own = of[fields[2]];
      if (own === undefined) continue;
      own.cpu += Number(fields[11]) + Number(fields[12]);
      own.mb += Number(readFileSync(`/proc/${pid}/smaps_rollup`, "utf8").match(/^Pss:\s+(\d+)/m)[1]) / 1000;
    } catch {
      // it has ended meanwhile
    }
  }
  return of;
}
const EACH = 600;
if (!process.env.HOVIK_BENCH_STEPS) {
  console.log(`Processor time of a weigh-in, in ms (${EACH} of them):`);
  for (const name of ["single", "district"]) {
    const groups = programs[name].map((program) => groupOf(name, program));
    const before = spentBy(groups);
    await Promise.all(
      shared[name].map(async (tablet) => {
        for (let n = 0; n < EACH / 6; n++) {
          const id = ulid();
          await tablet.expect(201, "PUT", `/api/weighings/${id}`, weighing(tablet, n));
          kept[name].add(id);
        }
      }),
    );
    const after = spentBy(groups);
    const ms = programs[name].map((program, i) => [
      program,
      (10 * (after[groups[i]].cpu - before[groups[i]].cpu)) / EACH,
    ]);
    console.log(
      `  ${name === "single" ? "one machine" : "district"}: ${ms.map(([program, one]) => `${program} ${one.toFixed(1)}`).join(", ")}; together ${ms.reduce((sum, [, one]) => sum + one, 0).toFixed(1)}`,
    );
  }
}
for (const one of [...shared.single, ...shared.district]) one.close();

// Labs at work.
const acknowledged = new Set(kept.district);
const acks = []; // when each was acknowledged, and how long it took from the first try
const errors = [];
let working = true;
const teachers = [];
const tablets = [];
for (let lab = 1; lab <= LABS; lab++) {
  const teacher = await signIn(
    "/api/teacher/session",
    { email: `bench${lab}@school.example`, password: "bench-and-flour" },
    district,
  );
  for (let station = 1; station <= AT_WORK; station++) tablets.push(await tabletAt(district, lab, station));
  teacher.lab = tablets.at(-1).kitchen.lab.id;
  teachers.push(teacher);
}
// A picture that one application stored is the other's, too: each look is another connection, and the balancer takes turns.
{
  const dot = "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAIAAACQd1PeAAAADElEQVR4nGP43+ECAARVAcz19wCpAAAAAElFTkSuQmCC";
  await teachers[0].expect(204, "PUT", "/api/step-pictures/loosen", { picture: dot });
  for (let look = 0; look < 8; look++) {
    const one = teachers[0].another();
    const { status } = await one.ask("GET", "/api/step-pictures/loosen/jpeg");
    if (status !== 200) errors.push(`a picture is seen by one application alone: ${status}`);
    one.close();
  }
}
// Boards listen as a browser does: a stream that is cut is opened anew after a second.
const heard = new Map();
const listening = teachers.map(async (teacher) => {
  while (working) {
    await new Promise((cut) => {
      const hear = (fact) => {
        for (const { id } of fact.change?.weighings ?? []) if (!heard.has(id)) heard.set(id, performance.now());
      };
      teacher.listen(`/live/labs/${teacher.lab}`, hear, cut).catch(cut);
    });
    if (working) await wait(1000);
  }
});
const tries = { again: 0, said: new Map() };
const atWork = tablets.map(async (tablet, i) => {
  await wait(BETWEEN_MS[1] * chance());
  for (let n = i; working; n++) {
    const id = ulid();
    const from = performance.now();
    for (;;) {
      const answer = await tablet
        .ask("PUT", `/api/weighings/${id}`, weighing(tablet, n))
        .catch((e) => ({ status: e.code ?? 0 }));
      if (answer.status === 201 || answer.status === 200) {
        acknowledged.add(id);
        acks.push([performance.now(), from, id]);
        break;
      }
      tries.again++;
      tries.said.set(answer.status, (tries.said.get(answer.status) ?? 0) + 1);
      if (answer.status === 401 || answer.status === 419)
        errors.push(`a tablet was put out: ${answer.status} ${answer.text}`);
      if (answer.status === 409 || answer.status === 422) errors.push(`refused: ${answer.text}`);
      await wait(500);
      if (performance.now() - from > 120_000) {
        errors.push(`never acknowledged: ${answer.status}`);
        break;
      }
    }
    await wait(BETWEEN_MS[0] + (BETWEEN_MS[1] - BETWEEN_MS[0]) * chance());
  }
});

// What somebody who listens costs in memory.
if (!process.env.HOVIK_BENCH_STEPS) {
  const MANY = 1200;
  const held = ["balancer/nginx", "app1/nginx", "app2/nginx", "app1/live", "app2/live", "redis/redis"];
  const groups = held.map((program) => groupOf("district", program));
  const before = spentBy(groups);
  const crowd = [];
  for (let n = 0; n < MANY; n++) {
    const one = await Promise.resolve(teachers[n % teachers.length].another());
    crowd.push(one);
    await one.listen(`/live/labs/${teachers[n % teachers.length].lab}`, () => {});
  }
  await wait(3000);
  const after = spentBy(groups);
  console.log(
    `${MANY} more who listen: ${held.map((program, i) => `${program} ${(after[groups[i]].mb - before[groups[i]].mb).toFixed(1)} MB more (${after[groups[i]].mb.toFixed(0)} in all)`).join(", ")}`,
  );
  for (const one of crowd) one.close();
}

const hurt = (...what) => execFileSync("bash", ["ops/district/hurt.sh", ...what]);
const hovik = (...what) =>
  new Promise((resolve, reject) =>
    execFile("bash", ["ops/district.sh", ...what], { maxBuffer: 1e8 }, (error, out, err) =>
      error ? reject(new Error(`${what}: ${out}${err}`)) : resolve(out),
    ),
  );

/** The longest wait of a weigh-in that was on its way or came after, the longest pause in which none was acknowledged, and until a board heard of one. */
const only = new RegExp(process.env.HOVIK_BENCH_STEPS ?? "");
async function through(what, act, seconds, most) {
  if (!only.test(what)) return;
  await wait(3000);
  const before = { ...tries, said: new Map(tries.said) };
  const from = performance.now();
  const until = wait(seconds * 1000);
  const took = await act();
  await until;
  const during = acks.filter(([when]) => when > from);
  const longest = Math.max(0, ...during.map(([when, began]) => when - Math.max(began, from)));
  const times = [from, ...during.map(([when]) => when).sort((a, b) => a - b)];
  const pause = Math.max(...times.map((when, i) => (times[i + 1] ?? when) - when));
  const told = during
    .map(([when, , id]) => [when, heard.get(id)])
    .filter(([when, then]) => then !== undefined && then - when > -5000);
  const again = [...tries.said]
    .map(([status, n]) => [status, n - (before.said.get(status) ?? 0)])
    .filter(([, n]) => n > 0);
  console.log(
    `  ${what}: longest wait of a weigh-in ${s(longest)}, longest pause of all ${s(pause)}; ${during.length} acknowledged, ${told.length} heard of on boards${again.length > 0 ? `, sent again ${again.map(([status, n]) => `${n} x ${status}`).join(", ")}` : ""}${typeof took === "string" ? `; ${took}` : ""}`,
  );
  if (most !== undefined && longest > most) errors.push(`${what}: ${s(longest)}, the aim is ${s(most)}`);
}

console.log(`${LABS} labs, ${tablets.length} tablets at work through both applications, boards listening:`);
await wait(6000);
await through("nothing killed", async () => {}, 10);
await through("the written database node dies", async () => void hurt("db1"), 25, LONGEST_MS.database);
const back = async (node) => {
  const from = performance.now();
  await hovik("start", node);
  return `in the cluster again after ${s(performance.now() - from)}`;
};
await through("it comes back", () => back("db1"), 15, LONGEST_MS.database);
await through("a spare dies", async () => void hurt("db3"), 15, LONGEST_MS.database);
await through("it comes back", () => back("db3"), 15, LONGEST_MS.database);
await through("an application node dies", async () => void hurt("app1"), 15, LONGEST_MS.application);
await through("it comes back", () => hovik("start", "app1").then(() => ""), 15, LONGEST_MS.application);
await through("redis is killed", async () => void hurt("redis", "redis"), 15);
await through("the balancers' workers are killed", async () => void hurt("balancer", "worker"), 15);
await through(
  "php-fpm of an application is killed",
  async () => void hurt("app2", "php-fpm"),
  10,
  LONGEST_MS.application,
);
if (process.env.HOVIK_NEWER) {
  await through(
    "a rolling upgrade",
    async () => {
      const from = performance.now();
      await hovik("upgrade", process.env.HOVIK_NEWER);
      return `in ${s(performance.now() - from)}`;
    },
    20,
    LONGEST_MS.application,
  );
}
await through(
  "all three databases die at once, and are started",
  async () => {
    for (const node of ["db1", "db2", "db3"]) hurt(node);
    await wait(500);
    const from = performance.now();
    await hovik("start", "db1", "db2", "db3");
    return `all in the cluster again after ${s(performance.now() - from)}`;
  },
  30,
);
working = false;
await Promise.all(atWork);
for (const teacher of teachers) teacher.close();
await Promise.race([Promise.all(listening), wait(3000)]);

// Everything that was acknowledged is there, once, and every lab is open.
const seen = new Map();
let open = 0;
for (const teacher of teachers) {
  const board = await teacher.expect(200, "GET", `/api/labs/${teacher.lab}/board`);
  if (board.lab.state === "open") open++;
  for (const { id } of board.weighings) seen.set(id, (seen.get(id) ?? 0) + 1);
}
const lost = [...acknowledged].filter((id) => !seen.has(id)).length;
const twice = [...seen.values()].filter((times) => times > 1).length;
const told = acks.filter(([, , id]) => heard.has(id)).length;
console.log(
  `  ${acknowledged.size} acknowledged, ${lost} lost, ${twice} twice; ${told} of ${acks.length} told to a board as they came; ${open} of ${LABS} labs open`,
);
for (const error of errors.slice(0, 10)) console.log(`  WRONG: ${error}`);
for (const visitor of [...tablets, ...teachers]) visitor.close();
process.exit(errors.length + lost + twice + (LABS - open) > 0 ? 1 : 0);
