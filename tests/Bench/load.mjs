// Load on the stack of `bin/hovik bench http`, loopback only, bounded in rounds and time. Storing a weigh-in and showing a
// board, each in turn with the bare route that has the same session and middleware and does one indexed read and one insert: first one
// call at a time, then as many at once as the processors can take; in short rounds, since no lab's board is as full as a long one's.
import { performance } from "node:perf_hooks";
import { ulid } from "ulid";
import { signIn } from "./visitor.mjs";

const ROUNDS = 5;
const SECONDS = 1;
const AT_ONCE = 6;
const ALONE = 30; // calls a round

const AGAINST = [
  ["weigh-in", "bare, tablet"],
  ["board", "bare, teacher"],
];

const tablets = [];
const teachers = [];
for (const school of [1, 2, 3, 4]) {
  for (const station of [1, 2, 3, 4, 5, 6]) {
    const tablet = await signIn("/api/station/session", { code: `B00${school}0${station}XY` });
    tablet.kitchen = await tablet.expect(200, "GET", "/api/work");
    tablets.push(tablet);
  }
  const teacher = await signIn("/api/teacher/session", {
    email: `bench${school}@school.example`,
    password: "bench-and-flour",
  });
  teacher.lab = tablets.at(-1).kitchen.lab.id;
  teacher.line = tablets.at(-1).kitchen.lines[0].id;
  teachers.push(teacher);
}

const kinds = {
  "bare, tablet": {
    by: tablets,
    call: (v, n) =>
      v.expect(201, "PUT", `/api/bench/station/${ulid()}`, { line_id: v.kitchen.lines[n % 8].id, grams: "219" }),
  },
  "weigh-in": {
    by: tablets,
    call: (v, n) =>
      v.expect(201, "PUT", `/api/weighings/${ulid()}`, {
        line_id: v.kitchen.lines[n % 8].id,
        student_id: v.kitchen.students[n % 4].id,
        scale_id: v.kitchen.scales[0].id,
        grams: "219",
        ticked: [],
      }),
  },
  "bare, teacher": {
    by: teachers,
    call: (v) => v.expect(201, "PUT", `/api/bench/teacher/${ulid()}`, { line_id: v.line, grams: "219" }),
  },
  board: { by: teachers, call: (v) => v.expect(200, "GET", `/api/labs/${v.lab}/board`) },
};

/** So many workers for so long; each takes the visitors in turn, never two at once for one visitor. */
async function round({ by, call }, seconds) {
  const times = [];
  const from = performance.now();
  const end = from + seconds * 1000;
  const workers = Math.min(AT_ONCE, by.length);
  await Promise.all(
    Array.from({ length: workers }, async (_, worker) => {
      const own = by.filter((_, i) => i % workers === worker);
      for (let n = 0; performance.now() < end; n++) {
        const before = performance.now();
        // The line moves on once every visitor had its turn, so that all cells fill alike.
        await call(own[n % own.length], turn + Math.floor(n / own.length));
        times.push(performance.now() - before);
      }
    }),
  );
  turn += Math.ceil(times.length / by.length);
  return { times, rate: times.length / ((performance.now() - from) / 1000) };
}
let turn = 0;

/** One after the other, each by the next visitor. */
async function alone({ by, call }) {
  const times = [];
  for (let n = 0; n < ALONE; n++, turn++) {
    const before = performance.now();
    await call(by[turn % by.length], Math.floor(turn / by.length));
    times.push(performance.now() - before);
  }
  return { times };
}

const at = (list, share) => [...list].sort((a, b) => a - b)[Math.floor(share * (list.length - 1))];
const ratio = (a, b, of) =>
  at(
    results[a].map((one, i) => of(one) / of(results[b][i])),
    0.5,
  );
const p = (share) => (one) => at(one.times, share);

const results = Object.fromEntries(Object.keys(kinds).map((name) => [name, []]));
for (const kind of Object.values(kinds)) await round(kind, 0.5); // warm
for (let i = 0; i < ROUNDS; i++) {
  for (const [name, kind] of Object.entries(kinds)) results[name].push(await alone(kind));
}
console.log(`One at a time; ${ROUNDS} rounds of ${ALONE} calls each, in turn; medians of the rounds`);
for (const [name, bare] of AGAINST) {
  const ms = (one) => at(results[one].map(p(0.5)), 0.5).toFixed(1);
  console.log(`${name} ${ms(name)} ms, ${bare} ${ms(bare)} ms: p50 x${ratio(name, bare, p(0.5)).toFixed(2)}`);
}
for (const name of Object.keys(kinds)) results[name] = [];
const { weighings, lines, stations } = await teachers[0].expect(200, "GET", `/api/labs/${teachers[0].lab}/board`);
console.log(`A board has ${weighings.length} weigh-ins of ${lines.length * stations.length} cups by now`);
// The board first, as long as it is as full as a lab's.
for (const pair of AGAINST.toReversed()) {
  for (let i = 0; i < ROUNDS; i++) {
    for (const name of pair) results[name].push(await round(kinds[name], SECONDS));
  }
}
console.log(
  `${AT_ONCE} at once for a tablet's routes, ${teachers.length} for a teacher's; ${ROUNDS} rounds of ${SECONDS} s each, in turn; medians of the rounds`,
);
for (const [name, rounds] of Object.entries(results)) {
  const show = (of, digits) => at(rounds.map(of), 0.5).toFixed(digits).padStart(7);
  console.log(
    `${name.padEnd(14)} ${show((r) => r.rate, 1)} requests/s   p50 ${show(p(0.5), 1)} ms   p95 ${show(p(0.95), 1)} ms`,
  );
}
for (const [name, bare] of AGAINST) {
  console.log(
    `${name} against ${bare}: p50 x${ratio(name, bare, p(0.5)).toFixed(2)}, p95 x${ratio(name, bare, p(0.95)).toFixed(2)}, rate x${ratio(name, bare, (r) => r.rate).toFixed(2)}`,
  );
}
for (const visitor of [...tablets, ...teachers]) visitor.agent.destroy();
