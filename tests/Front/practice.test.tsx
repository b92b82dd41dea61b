import { act } from "react";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import AskedBar from "../../resources/js/practice/AskedBar";
import InWords from "../../resources/js/practice/InWords";
import OnTheWall from "../../resources/js/practice/OnTheWall";
import Practice from "../../resources/js/practice/Practice";
import type { Question } from "../../resources/js/practice/practice";
import Ready from "../../resources/js/practice/Ready";
import Rings from "../../resources/js/practice/Rings";
import SafetyPoints from "../../resources/js/practice/SafetyPoints";
import SetPractice from "../../resources/js/practice/SetPractice";
import Together from "../../resources/js/practice/Together";
import WordField from "../../resources/js/practice/WordField";
import { chooseClass } from "../../resources/js/shell/useClassHere";
import { page, refusal } from "./page";
import { json, settle } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("bench");
  await learn("teacher");
});
class Stream {
  onopen = () => {};
  onerror = () => {};
  onmessage = () => {};
  close() {}
}
beforeEach(async () => {
  vi.stubGlobal("EventSource", Stream);
  await speak("en");
});
afterEach(() => vi.unstubAllGlobals());

const noFigure: Question["figure"] = {
  tool: null,
  steps: null,
  words: null,
  level_ml: null,
  eye_deg: null,
  rings: null,
  marks: null,
  hands: null,
};
const question = (more: Partial<Question> = {}): Question => ({
  turn: 5,
  id: "name-tool/1/5",
  skill: "Name the tool",
  skill_id: "name-tool",
  kind: "choice",
  prompt: "Which one is for 1/2 cup of oats?",
  choices: [
    { id: "dry-cup", said: "a dry cup", tool: null },
    { id: "jug", said: "a jug", tool: null },
  ],
  figure: noFigure,
  picture: null,
  about: "coarse-grain",
  done_today: 3,
  a_day: 6,
  ...more,
});
const marked = (right: boolean | null) => ({
  right,
  because: right === false ? "A jug cannot be swept." : null,
  explanation: "A dry cup is level at 1/2 cup.",
  condition: null,
  key: ["dry-cup"],
});

describe("practice alone", () => {
  it("is answered, marked with its reason, and goes on", async () => {
    let asked = 0;
    const screen = await page(<Practice />, {
      "GET /api/practice": () => json(200, question({ turn: 5 + asked, id: `name-tool/1/${5 + asked++}` })),
      "POST /api/practice/5": marked(false),
    });
    expect(screen.all("h1")).toEqual(["Which one is for 1⁄2 cup of oats?"]);
    expect(document.activeElement?.tagName).toBe("H1");
    expect(screen.text()).toContain("3 more today");
    expect(screen.button("Check my answer").disabled).toBe(true);
    await screen.press(/a jug/);
    await screen.press("Check my answer");
    expect(screen.changes()).toEqual([
      { asked: "POST /api/practice/5", query: {}, body: { id: "name-tool/1/5", answer: "jug" } },
    ]);
    expect(screen.all(".practice-marked h2")).toEqual(["Not yet"]);
    expect(screen.text()).toContain("A jug cannot be swept.");
    expect(screen.text()).toContain("2 more today");
    expect(screen.link(/./).getAttribute("href")).toBe("/kitchen");
    await screen.press("Next question");
    expect(screen.all(".practice-marked h2")).toEqual([]);
    expect(screen.sent.filter(({ asked: what }) => what === "GET /api/practice")).toHaveLength(2);
  });

  it("leads to the technique of what was missed, and not of what was right", async () => {
    for (const [right, href] of [
      [true, undefined],
      [false, "coarse-grain"],
    ] as const) {
      const screen = await page(<Practice />, {
        "GET /api/practice": question(),
        "POST /api/practice/5": marked(right),
      });
      await screen.press(/a dry cup/);
      await screen.press("Check my answer");
      const link = screen.place.querySelector(".practice-marked a")?.getAttribute("href");
      expect(link?.includes(href ?? "")).toBe(href === undefined ? undefined : true);
      expect(screen.all(".practice-marked h2")).toEqual([right ? "Right" : "Not yet"]);
    }
  });

  it("says that it is enough for today, and still goes on", async () => {
    const screen = await page(<Practice />, { "GET /api/practice": question({ done_today: 6 }) });
    expect(screen.text()).toContain("Enough for today");
    expect(screen.all(".practice button").length).toBeGreaterThan(0);
  });

  it("of a turn that was answered elsewhere goes on by a button", async () => {
    const screen = await page(<Practice />, {
      "GET /api/practice": question(),
      "POST /api/practice/5": () => json(409, { message: "This one was answered before.", reason: "x", errors: {} }),
    });
    await screen.press(/a jug/);
    await screen.press("Check my answer");
    expect(screen.wrong()).toEqual(["This one was answered before."]);
    await screen.press(/a dry cup/); // something else is chosen: the sentence goes
    expect(screen.wrong()).toEqual([]);
    await screen.press("Check my answer");
    await screen.press("Next question");
    expect(screen.sent.filter(({ asked }) => asked === "GET /api/practice")).toHaveLength(2);
  });

  it("says beside the answer what is wrong with it", async () => {
    const screen = await page(<Practice />, {
      "GET /api/practice": question({ kind: "number", choices: [] }),
      "POST /api/practice/5": refusal({ answer: "That is no amount." }),
    });
    await screen.press("1");
    await screen.press("Check my answer");
    expect(screen.wrong()).toEqual(["That is no amount."]);
  });

  it("works the drawn scale key by key, as the server says it stands", async () => {
    const keys: unknown[] = [];
    const screen = await page(<Practice />, {
      "GET /api/practice": question({ kind: "keys", choices: [] }),
      "POST /api/practice/scale": (sent: { body: unknown }) => {
        keys.push((sent.body as { keys: string[] }).keys);
        return json(200, {
          on: true,
          unit: "g",
          number: keys.length,
          decimals: 0,
          overload: false,
          has_bowl: false,
          poured: false,
          note: `Key ${keys.length}`,
        });
      },
    });
    await screen.press("On / off");
    await screen.press("Tare");
    expect(keys).toEqual([[], ["power"], ["power", "tare"]]);
    expect(screen.all(".bench-note")).toEqual(["Key 3"]);
    await screen.press("Start again");
    expect(screen.button("Start again").disabled).toBe(true);
    expect(screen.button("Check my answer").disabled).toBe(true);
  });
});

describe("the class's question on a device", () => {
  const asked = (more = {}) => ({
    section_id: 3,
    asked: { id: 8, question: question(), answered: false, answer: null, marked: null, ...more },
  });

  it("is answered, can be changed until it is sent, and waits for the wall", async () => {
    let state = asked();
    const screen = await page(<Together />, {
      "GET /api/class-question": () => json(200, state),
      "POST /api/class-question/8": () => {
        state = asked({ answered: true, answer: "jug" });
        return json(200, {});
      },
    });
    await screen.press(/a dry cup/);
    await screen.press(/a jug/);
    await screen.press("Send my answer");
    expect(screen.changes().map(({ body }) => body)).toEqual([{ id: "name-tool/1/5", answer: "jug" }]);
    expect(screen.all(".all-done")).toEqual(["Sent. Talk it over; the answer comes when your teacher shows it."]);
    expect(screen.place.querySelector(".practice-marked")).toBeNull(); // not before the teacher shows it
  });

  it("is marked when the wall shows it, for who did not answer too", async () => {
    const mine = await page(<Together />, {
      "GET /api/class-question": asked({ answered: true, answer: "dry-cup", marked: marked(true) }),
    });
    expect(mine.all(".practice-marked h2")).toEqual(["Right"]);
    const nobody = await page(<Together />, { "GET /api/class-question": asked({ marked: marked(null) }) });
    expect(nobody.all(".practice-marked h2")).toEqual(["The answer"]);
    expect(nobody.all(".all-done")).toEqual(["Look at the screen in front for the next one."]);
  });

  it("is nothing, and the way to practise alone stands there", async () => {
    const screen = await page(<Together />, { "GET /api/class-question": { section_id: 3, asked: null } });
    expect(screen.all("h1")).toEqual(["No question right now."]);
    expect(screen.link("Practice by yourself").getAttribute("href")).toBe("/kitchen/practice");
  });

  it.each([
    [asked(), 1],
    [asked({ answered: true }), 0],
    [asked({ marked: marked(null) }), 0],
    [{ section_id: 3, asked: null }, 0],
  ])("is called for in the kitchen while it waits: %#", async (answer, bars) => {
    const screen = await page(<AskedBar />, { "GET /api/class-question": answer });
    expect(screen.place.querySelectorAll(".set-for-me")).toHaveLength(bars);
  });
});

describe("a question on the wall", () => {
  const QUESTION = "GET /api/sections/3/question";
  const wall = {
    question: question(),
    skills: [
      { id: "read-jug", said: "Read the jug" },
      { id: "name-tool", said: "Name the tool" },
    ],
    marked: marked(null),
  };
  const acts = () => ({ ask: vi.fn(), show: vi.fn(), end: vi.fn() });
  const now = (more = {}) => ({
    id: 8,
    skill: "name-tool" as const,
    level: 2,
    seed: 7,
    jug_column: null,
    jug_eye: null,
    shown: false,
    answered: 9,
    of: 12,
    right: 6,
    choices: { "dry-cup": 6, jug: 3 },
    missed: [{ said: "A jug cannot be swept.", times: 3 }],
    ...more,
  });

  it("shows its answer at a tap, and hides it with another question", async () => {
    const one = acts();
    const screen = await page(<OnTheWall section={3} now={null} {...one} />, { [QUESTION]: wall });
    expect(screen.place.querySelector(".practice-marked")).toBeNull();
    await screen.press("Show the answer");
    expect(screen.all(".projected-choices li")).toEqual(["Aa dry cupright", "Ba jug"]);
    expect(screen.all(".projected-choices .is-out")).toEqual(["Ba jug"]);
    await screen.press("Another question");
    expect(screen.place.querySelector(".practice-marked")).toBeNull();
    expect(screen.sent.at(-1)?.query).toEqual({ skill: "read-jug", level: "1", seed: "2" });
    expect([one.ask, one.show, one.end].flatMap((act) => act.mock.calls)).toEqual([]);
  });

  it("asks about the jug as the teacher wants it: its column, and from where", async () => {
    const one = acts();
    const jug = { ...wall, question: question({ skill_id: "read-jug" }) };
    const screen = await page(<OnTheWall section={3} now={null} {...one} />, { [QUESTION]: jug });
    screen.type("Column of the liquid measuring cup", "ml");
    await settle();
    screen.type("Where the eye begins", "below");
    await settle();
    expect(screen.sent.at(-1)?.query).toEqual({
      skill: "read-jug",
      level: "1",
      seed: "1",
      jug_column: "ml",
      jug_eye: "below",
    });
    await screen.press("Ask on their devices");
    expect(one.ask).toHaveBeenCalledExactlyOnceWith({
      skill: "read-jug",
      level: 1,
      seed: 1,
      jug_column: "ml",
      jug_eye: "below",
    });
  });

  it("goes out to the devices, as it stands on the wall", async () => {
    const one = acts();
    const screen = await page(<OnTheWall section={3} now={null} {...one} />, { [QUESTION]: wall });
    screen.type("Skill", "name-tool");
    screen.type("Level", "3");
    await screen.press("Ask on their devices");
    expect(one.ask).toHaveBeenCalledExactlyOnceWith({ skill: "name-tool", level: 3, seed: 1 });
  });

  it("counts who answered, and who was right only once it is shown", async () => {
    const one = acts();
    const screen = await page(<OnTheWall section={3} now={now()} {...one} />, { [QUESTION]: wall });
    expect(screen.all(".projected-count")).toEqual(["9 of 12 have answered"]);
    expect(screen.place.querySelector(".projected-chose")).toBeNull();
    await screen.press("Show the answer");
    expect(one.show).toHaveBeenCalledOnce();
    await screen.again(<OnTheWall section={3} now={now({ shown: true })} {...one} />);
    expect(screen.all(".projected-count")).toEqual(["9 of 12 have answered6 of 9 right"]);
    expect(screen.all(".projected-chose")).toEqual(["6 students", "3 students"]);
    expect(screen.text()).toContain("3 × A jug cannot be swept.");
    expect(screen.all("button")).not.toContain("Hide the answer"); // the class has seen it
  });

  it("goes on to the next at once, and takes another kind off the devices first", async () => {
    const one = acts();
    const screen = await page(<OnTheWall section={3} now={now()} {...one} />, { [QUESTION]: wall });
    await screen.press("Another question");
    expect(one.ask).toHaveBeenCalledExactlyOnceWith({
      skill: "name-tool",
      level: 2,
      seed: 8,
      jug_column: null,
      jug_eye: null,
    });
    expect(one.end).not.toHaveBeenCalled();
    screen.type("Level", "1");
    expect(one.end).toHaveBeenCalledOnce();
    await screen.press("Take it off their devices");
    expect(one.end).toHaveBeenCalledTimes(2);
  });
});

describe("a question's words", () => {
  it("stand in the order of the language, and are marked by touch", async () => {
    const words = [
      { id: "w0", said: "1 taza" },
      { id: "w2", said: "de nueces" },
      { id: "w1", said: "picadas," },
      { id: "w3", said: "tostadas" },
    ];
    const given: unknown[] = [];
    const asked = question({ kind: "words", figure: { ...noFigure, words }, choices: [] });
    const screen = await page(
      <WordField question={asked} answer={["w1"]} marked={undefined} onAnswer={(answer) => given.push(answer)} />,
    );
    expect(screen.all(".word")).toEqual(["1 taza", "de nueces", "picadas,", "tostadas"]);
    expect(screen.all(".word[aria-pressed=true]")).toEqual(["picadas,"]);
    await screen.press("tostadas");
    await screen.press("picadas,");
    await screen.press("Nothing before measuring");
    expect(given).toEqual([["w1", "w3"], undefined, []]);
  });

  it("tell what the picture shows, cup by cup where the cups are the answers", async () => {
    const cup = (id: string, said: string) => ({
      id,
      said,
      tool: { kind: "dry-cup", ml: 60, nominal: "", mark_ml: null },
    });
    const drawn = await page(
      <InWords
        question={question({
          choices: [cup("a", "2 of these hold 1 cup"), cup("b", "it holds 1 cup")],
        })}
      />,
    );
    expect(drawn.all("li")).toEqual(["Cup A: 2 of these hold 1 cup", "Cup B: it holds 1 cup"]);
    const jug = await page(<InWords question={question({ picture: "The curve stands at line 3." })} />);
    expect(jug.all("p, li")).toEqual(["The curve stands at line 3."]);
    expect((await page(<InWords question={question()} />)).text()).toBe("");
  });
});

describe("who is ready", () => {
  const cell = (state: "shown" | "returning" | "tried" | "open", shown = state === "shown" ? 1 : 0, of = 1) => ({
    state,
    shown,
    of,
  });
  const practice = {
    lab: "Oat buns",
    skills: [
      { id: "level", said: "Level it", safety: false },
      { id: "read-jug", said: "Read the jug", safety: false },
      { id: "knives", said: "Knives", safety: true },
      { id: "spills", said: "Spills", safety: true },
    ],
    students: [
      {
        id: 11,
        name: "Oona",
        answered: 20,
        ready: true,
        skills: [cell("shown", 3, 3), cell("shown"), cell("shown"), cell("shown")],
      },
      {
        id: 12,
        name: "Mateus",
        answered: 3,
        ready: false,
        skills: [cell("tried", 1, 3), cell("returning"), cell("shown"), cell("open")],
      },
    ],
    missed: [{ said: "Reads from above", students: 2, times: 4 }],
    tasks: [
      {
        id: 5,
        student: null,
        aims: ["Level it", "Read the jug", "Knives"],
        due_on: "2026-12-01",
        done: ["Oona"],
        open: ["Mateus"],
      },
      { id: 6, student: "Mateus", aims: ["Knives", "Spills"], due_on: "2026-12-02", done: [], open: ["Mateus"] },
    ],
    due_on: "2026-12-03",
    all: [
      { id: "level", said: "Level it", safety: false },
      { id: "knives", said: "Knives", safety: true },
    ],
  };
  const section = (id: number, name: string) => ({
    id,
    name,
    runs: true,
    is_now: false,
    labs: [],
    stations: [],
    starts_at: "",
    ends_at: "",
  });
  const today = (...sections: unknown[]) => ({ time_zone: "UTC", unchecked_scales: [], sections });

  it("stands student by student, skill by skill, safety in one", async () => {
    const screen = await page(<Ready />, {
      "GET /api/today": today(section(3, "Foods 1")),
      "GET /api/sections/3/practice": practice,
    });
    expect(screen.all("h1")).toEqual(["Ready for Oat buns?"]);
    expect(screen.text()).toContain("1 of 2 can do what its ingredients need.");
    expect(screen.all("thead th")).toEqual(["Student", "Level it", "Read the jug", "Safety", "Questions"]);
    const rows = [...screen.place.querySelectorAll("tbody tr")].map((row) =>
      [...row.children].map((one) => one.textContent),
    );
    expect(rows).toEqual([
      ["Oonaready", "mastered", "mastered", "2 of 2", "20"],
      ["Mateus", "started1 of 3", "comes back another day", "1 of 2", "3"],
    ]);
    expect(screen.text()).toContain("Reads from above 2 students, 4 times");
  });

  it("is that of the class in question, and nobody's where there is none", async () => {
    const screen = await page(<Ready />, {
      "GET /api/today": today(section(3, "Foods 1"), section(4, "Foods 2")),
      "GET /api/sections/3/practice": practice,
      "GET /api/sections/4/practice": { ...practice, lab: null, students: [], tasks: [], missed: [] },
    });
    act(() => chooseClass(4));
    await settle();
    expect(screen.all("h1")).toEqual(["Practice"]);
    expect(screen.text()).toContain("Nothing yet. Students find practice in their kitchen.");
    expect(screen.link("Techniques").getAttribute("href")).toBe("/practise/techniques?class=4");
    const none = await page(<Ready />, { "GET /api/today": today() });
    expect(none.text()).toContain("No class yet. Create one under Class.");
  });

  it("sets what the lab asks for, for everybody or one, and withdraws it", async () => {
    const screen = await page(<SetPractice section={3} practice={practice} />, {
      "POST /api/sections/3/tasks": practice,
    });
    expect(screen.all("li > b")).toEqual(["Level it and 2 more", "Mateus: Knives, Spills"]);
    expect(screen.text()).toContain("1 of 2 done, by");
    expect([...screen.place.querySelectorAll<HTMLInputElement>("[type=checkbox]")].map((one) => one.checked)).toEqual([
      true,
      true,
    ]);
    await screen.tick("Knives");
    screen.type("For", "12");
    screen.type("By", "2026-12-09");
    await screen.press("Assign");
    await screen.press("Cancel");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["POST /api/sections/3/tasks", { aims: ["level", "read-jug", "spills"], due_on: "2026-12-09", student_id: 12 }],
      ["DELETE /api/sections/3/tasks/5", undefined],
    ]);
  });

  it("begins empty without a lab, and says box by box what is missing", async () => {
    const screen = await page(
      <SetPractice section={3} practice={{ ...practice, lab: null, tasks: [], due_on: null }} />,
      { "POST /api/sections/3/tasks": refusal({ due_on: "Until when?", aims: "Choose something." }) },
    );
    expect(screen.text()).toContain("None yet.");
    await screen.press("Assign");
    expect(screen.changes()[0]?.body).toEqual({ aims: [], due_on: "", student_id: null });
    expect(screen.wrong()).toEqual(["Until when?", "Choose something."]);
  });

  it("counts safety in words, and ticks all of it", async () => {
    const points = (shown: number) => (
      <table>
        <tbody>
          <tr>
            <SafetyPoints shown={shown} of={2} />
          </tr>
        </tbody>
      </table>
    );
    const all = await page(points(2));
    expect(all.place.querySelector("td svg")).not.toBeNull();
    const one = await page(points(1));
    expect([one.text(), one.place.querySelector("td svg")]).toEqual(["1 of 2", null]);
  });
});

it.each([1, 4])("a measure with %d rings is drawn with as many, and said", async (rings) => {
  const screen = await page(<Rings rings={rings} />);
  expect(screen.place.querySelectorAll("path")).toHaveLength(1 + rings);
  expect(screen.place.querySelector("svg")?.getAttribute("aria-label")).toBe(`A metal measure with ${rings} rings`);
});
