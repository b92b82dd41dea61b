import { act } from "react";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import ClassDoor from "../../resources/js/classes/ClassDoor";
import Codes from "../../resources/js/classes/Codes";
import Colleagues from "../../resources/js/classes/Colleagues";
import type { Class } from "../../resources/js/classes/class";
import NewClass from "../../resources/js/classes/NewClass";
import Picked from "../../resources/js/classes/Picked";
import Roster from "../../resources/js/classes/Roster";
import Seats from "../../resources/js/classes/Seats";
import Settings from "../../resources/js/classes/Settings";
import Tolerances from "../../resources/js/classes/Tolerances";
import { useSeating } from "../../resources/js/classes/useSeating";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import { emptied } from "../../resources/js/kit/sent";
import { page, refusal } from "./page";
import { json, settle } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
});
beforeEach(() => speak("en"));
afterEach(() => vi.unstubAllGlobals());

const oneClass = (more: Partial<Class> = {}): Class => ({
  id: 3,
  code: "ABCDEF",
  settings: {
    name: "Foods 1",
    period: null,
    starts_at: "10:25",
    ends_at: "11:15",
    standard: "us_customary",
    tolerance_level: "practised",
    methods: ["stir-spoon-level", "packed-firm"],
    schools: { "butter-fat": "wrapper" },
    tolerances: { percents: { oil: 7 }, small_floor_g: 0.2, floor_g: 1 },
    shows_target: false,
    asks_guess: true,
    asks_prediction: false,
    open_to_join: false,
  },
  set_up: [{ key: "hair", text: "Hair is tied back", own: false, out: false }],
  families: [
    { family: "oil", percent: 7, usual: 5 },
    { family: "fine-powder", percent: 8, usual: 8 },
  ],
  periods: [],
  schools: [
    {
      family: "fine-powder",
      methods: [
        { id: "stir-spoon-level", name: "Stir, spoon, level", effect: "125 g a cup", chosen: true },
        { id: "dip-sweep", name: "Dip and sweep", effect: "140 g a cup", chosen: false },
      ],
    },
  ],
  questions: [
    {
      id: "brown-sugar",
      text: "Brown sugar is",
      answers: [
        { id: "packed", text: "packed", chosen: true },
        { id: "loose", text: "loose", chosen: false },
      ],
      note: "With tools it takes 74 s.",
    },
  ],
  stations: [
    { id: 1, name: "Hazel", code: "HAZEL10", bowl_g: 187 },
    { id: 2, name: "Rowan", code: "ROWAN10", bowl_g: null },
  ],
  students: [
    { id: 11, name: "Oona", number: 1, station_id: 1, has_pin: true, away: false, ways: [] },
    { id: 12, name: "Mateus", number: 2, station_id: 1, has_pin: false, away: false, ways: [] },
    { id: 13, name: "Ilka", number: 3, station_id: null, has_pin: false, away: false, ways: [] },
  ],
  colleagues: [{ id: 21, name: "Mr. Brook", role: "aide" }],
  ...more,
});
/** The plan of seats with who is picked up. */
function Plan({ one }: { one: Class }) {
  const seating = useSeating(one);
  return (
    <>
      <Seats one={one} seating={seating} />
      {seating.who.length > 0 && <Picked key={seating.picked.join()} one={one} seating={seating} />}
    </>
  );
}
const bodies = (screen: Awaited<ReturnType<typeof page>>) => screen.changes().map(({ body }) => body);

it("a box is emptied of what was sent, and of nothing typed meanwhile", () => {
  expect([emptied("Ash")("Ash"), emptied("Ash")("Elm")]).toEqual(["", "Elm"]);
});

describe("a new class", () => {
  it("is made once and leads to its page", async () => {
    const cancel = vi.fn();
    const screen = await page(<NewClass cancel={cancel} />, { "POST /api/sections": { id: 7 } });
    screen.type("Name of the class", "Foods 2");
    screen.type("Begins", "08:05");
    screen.button("Create a class").click();
    await screen.press("Create a class");
    expect(screen.changes()).toEqual([
      { asked: "POST /api/sections", query: {}, body: { name: "Foods 2", starts_at: "08:05", ends_at: "10:47" } },
    ]);
    expect([screen.where(), cancel.mock.calls.length]).toEqual(["/class/7", 1]);
  });

  it("is refused by field, and nothing is lost", async () => {
    const screen = await page(<NewClass />, {
      "POST /api/sections": refusal({ name: "Give it a name.", ends_at: "It ends before it begins." }),
    });
    screen.type("Ends", "09:00");
    await screen.press("Create a class");
    expect(screen.wrong()).toEqual(["Give it a name.", "It ends before it begins."]);
    expect(screen.box("Ends").value).toBe("09:00");
    expect(screen.all("button")).toEqual(["Create a class"]); // the first class has nowhere to go back to
  });

  it("comes from a file of the school's own, too", async () => {
    const screen = await page(<NewClass />, { "POST /api/sections/import": { made: ["Foods 3"] } });
    const box = screen.box("Or from a OneRoster classes.csv");
    Object.defineProperty(box, "files", { value: [{ text: async () => '"title"\n"Foods 3"' }] });
    act(() => void box.dispatchEvent(new Event("change", { bubbles: true })));
    await settle();
    expect(bodies(screen)).toEqual([{ text: '"title"\n"Foods 3"' }]);
    expect(screen.where()).toBe("/today");
  });

  it("is asked for where there is none, and else the first one opens", async () => {
    const none = await page(<ClassDoor />, {
      "GET /api/today": { time_zone: "UTC", sections: [], unchecked_scales: [] },
    });
    expect(none.all("h1")).toEqual(["Create a class"]);
    const some = await page(<ClassDoor />, {
      "GET /api/today": {
        time_zone: "UTC",
        sections: [{ id: 9, runs: true, labs: [], stations: [] }],
        unchecked_scales: [],
      },
    });
    expect(some.where()).toBe("/class/9");
    const away = await page(<ClassDoor />, { "GET /api/today": () => json(503, { message: "Away." }) });
    expect(away.text()).toContain("Away.");
  });
});

describe("who sits where", () => {
  const seats = () => oneClass();

  it("stands station by station, those without a seat last", async () => {
    const screen = await page(<Plan one={seats()} />);
    const who = [...screen.place.querySelectorAll(".seat")].map((seat) => [
      seat.getAttribute("aria-label"),
      ...[...seat.querySelectorAll("li b")].map((one) => one.textContent),
    ]);
    expect(who).toEqual([["Hazel", "Oona", "Mateus"], ["Rowan"], ["No station yet", "Ilka"]]);
    const full = await page(<Plan one={oneClass({ students: oneClass().students.slice(0, 2) })} />);
    expect(full.all(".seat h3")).toEqual(["Hazel", "Rowan"]);
    expect(full.button("Remove Rowan")).toBeTruthy();
  });

  it("changes by tapping: who is picked up, then where they go; and back", async () => {
    const screen = await page(<Plan one={seats()} />);
    expect(screen.all(".is-free")).toEqual([]);
    await screen.press(/^Ilka/);
    expect(screen.button(/^Ilka/).getAttribute("aria-pressed")).toBe("true");
    expect(screen.all(".is-free")).toEqual(["Move to Hazel", "Move to Rowan"]);
    await screen.press("Put back");
    expect(screen.all(".is-free")).toEqual([]);
    await screen.press(/^Ilka/);
    await screen.press("Move to Rowan");
    await screen.press(/^Oona/);
    await screen.press("No station yet");
    expect(screen.changes()).toEqual([
      { asked: "PUT /api/sections/3/seats", query: {}, body: { seats: [{ student_id: 13, station_id: 2 }] } },
      { asked: "PUT /api/sections/3/seats", query: {}, body: { seats: [{ student_id: 11, station_id: null }] } },
    ]);
  });

  it("changes many at once, and swaps two", async () => {
    const screen = await page(<Plan one={seats()} />);
    await screen.press("Pick several");
    await screen.press(/^Oona/);
    await screen.press(/^Ilka/);
    expect(screen.all(".picked h3")).toEqual(["2 students"]);
    await screen.press("Move to Rowan");
    await screen.press(/^Oona/);
    screen.type("Swap Oona with", "13");
    await settle();
    expect(bodies(screen)).toEqual([
      {
        seats: [
          { student_id: 11, station_id: 2 },
          { student_id: 13, station_id: 2 },
        ],
      },
      {
        seats: [
          { student_id: 11, station_id: null },
          { student_id: 13, station_id: 1 },
        ],
      },
    ]);
  });

  it("says who is away today, and takes it back", async () => {
    const students = oneClass().students.map((each) => ({ ...each, away: each.id === 12 }));
    const screen = await page(<Plan one={oneClass({ students })} />);
    expect(screen.all(".is-away")).toEqual(["Mateusaway today"]);
    expect(screen.all(".seat-of")[0]).toContain("1 here");
    await screen.press(/^Mateus/);
    await screen.press("Away today");
    expect(screen.changes()[0]).toMatchObject({ asked: "PUT /api/sections/3/students/12/away", body: { away: false } });
  });

  it("merges somebody who is there twice, asked once; and erases only by the name", async () => {
    const screen = await page(<Plan one={seats()} />, {
      "POST /api/sections/3/students/13/erasure": refusal({ name: "That is not the name." }),
    });
    await screen.press(/^Ilka/);
    screen.type("Ilka is the same person as", "11");
    await settle();
    await screen.sure("Merge", "Merge them");
    await screen.press("Erase Ilka");
    screen.type("Type Ilka to erase it", "Ilk");
    await screen.press("Erase Ilka now");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["POST /api/sections/3/students/13/merge", { into: 11 }],
      ["POST /api/sections/3/students/13/erasure", { name: "Ilk" }],
    ]);
    expect(screen.wrong()).toEqual(["That is not the name."]);
  });

  it("changes by dragging a name, and not when it falls where it was", async () => {
    const screen = await page(<Plan one={seats()} />);
    const drop = async (student: string, seat: number) => {
      const event = new Event("drop", { bubbles: true, cancelable: true });
      Object.assign(event, { dataTransfer: { getData: () => student } });
      act(() => void screen.place.querySelectorAll(".seat")[seat]?.dispatchEvent(event));
      await settle();
    };
    await drop("11", 0);
    await drop("not a student", 1);
    expect(screen.changes()).toEqual([]);
    await drop("11", 1);
    expect(bodies(screen)).toEqual([{ seats: [{ student_id: 11, station_id: 2 }] }]);
  });

  it("has a name written otherwise, and keeps it as it was on Escape", async () => {
    const screen = await page(<Plan one={seats()} />, { "PUT /api/sections/3/students/11": {} });
    await screen.press(/^Oona/);
    await screen.press("Name: Oona");
    screen.type("Name: Oona", "Oonagh");
    await screen.leave("Name: Oona");
    expect(screen.changes()[0]).toMatchObject({ asked: "PUT /api/sections/3/students/11", body: { name: "Oonagh" } });
    await screen.press(/^Mateus/);
    await screen.press("Name: Mateus");
    const box = screen.box("Name: Mateus");
    screen.type("Name: Mateus", "M");
    act(() => void box.dispatchEvent(new KeyboardEvent("keydown", { key: "Escape", bubbles: true })));
    expect(screen.button("Name: Mateus").textContent).toBe("Mateus");
    expect(screen.changes()).toHaveLength(1);
  });

  it("deals the seats out: looked at, dealt again, kept", async () => {
    const dealt = [
      { student_id: 11, station_id: 2 },
      { student_id: 12, station_id: 1 },
    ];
    const screen = await page(<Plan one={seats()} />, {
      "POST /api/sections/3/seats": { seats: dealt },
      "PUT /api/sections/3/seats": {},
    });
    await screen.press("Deal the seats out");
    expect(screen.all(".dealt > div")).toEqual(["HazelMateus", "RowanOona"]);
    await screen.press("Deal again");
    await screen.press("Keep these seats");
    expect(screen.changes().at(-1)).toMatchObject({ asked: "PUT /api/sections/3/seats", body: { seats: dealt } });
    expect(screen.all(".dealt")).toEqual([]);
  });

  it("makes a new PIN to hand out, shown until it is told", async () => {
    const screen = await page(<Plan one={seats()} />, {
      "POST /api/sections/3/students/11/pin": { name: "Oona", pin: "4826" },
    });
    await screen.press(/^Mateus/); // has none yet: it is made with the slips
    expect(screen.all("button").filter((name) => name.startsWith("New"))).toEqual([]);
    await screen.press(/^Oona/);
    await screen.press("Make a new PIN for Oona");
    expect(screen.text()).toContain("New PIN, tell them now: 4826");
    await screen.press("Told");
    expect(screen.text()).not.toContain("4826");
  });

  it("folds what else a student may do; a tap shows at once, and goes back where it is refused", async () => {
    const screen = await page(<Plan one={seats()} />);
    expect(screen.all("input[type=checkbox]")).toHaveLength(0);
    await screen.press(/^Ilka/);
    await screen.press("Other ways for Ilka");
    const boxes = () => [...screen.place.querySelectorAll<HTMLInputElement>("input[type=checkbox]")];
    act(() => boxes()[1]?.click());
    expect(boxes().map((box) => box.checked)).toEqual([false, true, false, false]);
    await settle();
    act(() => boxes()[3]?.click());
    await settle();
    expect(bodies(screen)).toEqual([{ ways: ["weigh-out"] }, { ways: ["weigh-out", "large-print"] }]);

    const refused = await page(<Plan one={seats()} />, {
      "PUT /api/sections/3/students/13/ways": refusal({ ways: "Choose one of these." }),
    });
    await refused.press(/^Ilka/);
    await refused.press("Other ways for Ilka");
    act(() => refused.place.querySelector<HTMLInputElement>("input[type=checkbox]")?.click());
    await settle();
    expect(refused.wrong()).toEqual(["Choose one of these."]);
    expect(refused.place.querySelector<HTMLInputElement>("input[type=checkbox]")?.checked).toBe(false);
  });

  it("grows by a station, and loses one nobody sits at", async () => {
    const screen = await page(<Plan one={seats()} />, { "POST /api/sections/3/stations": { id: 9 } });
    screen.type("Another station", "Maple");
    await screen.press("Add");
    expect(screen.box("Another station").value).toBe("");
    expect(screen.all(".seat-of .quiet")).toEqual(["Remove"]); // not Hazel: two sit there
    await screen.sure("Remove Rowan", "Yes, remove it");
    expect(screen.changes()).toHaveLength(2); // asked whether it may; for eight seconds it can be undone
    await screen.again(null);
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["POST /api/sections/3/stations", { name: "Maple" }],
      ["DELETE /api/sections/3/stations/2", undefined],
      ["DELETE /api/sections/3/stations/2", undefined],
    ]);
    expect(screen.changes().map(({ query }) => query)).toEqual([{}, { ask: "first" }, {}]);
  });

  it("keeps the name of a station that is refused", async () => {
    const screen = await page(<Plan one={seats()} />, {
      "POST /api/sections/3/stations": refusal({ name: "There is a Hazel already." }),
    });
    screen.type("Another station", "Hazel");
    await screen.press("Add");
    expect(screen.wrong()).toEqual(["There is a Hazel already."]);
    expect(screen.box("Another station").value).toBe("Hazel");
  });

  it.each([
    ["Hazel", "187", []],
    ["Hazel", "190,5", [{ name: "Hazel", bowl_g: "190.5" }]],
    ["Hazel", " ", [{ name: "Hazel", bowl_g: null }]],
    ["Rowan", "", []],
    ["Rowan", "a bowl", [{ name: "Rowan", bowl_g: "a bowl" }]], // the server says no to it
  ])("keeps what the bowl of %s weighs when the box is left: '%s'", async (station, typed, sent) => {
    const screen = await page(<Plan one={seats()} />);
    const box = `What the bowl of ${station} weighs, in grams`;
    screen.type(box, typed);
    await screen.leave(box);
    expect(bodies(screen)).toEqual(sent);
  });
});

describe("a roster", () => {
  const look = (answer: unknown) => ({ "POST /api/sections/3/roster": answer });

  it("is looked at first, then taken whole", async () => {
    const screen = await page(
      <Roster section={3} />,
      look({
        students: [
          { row: 1, name: "Oona", number: 4 },
          { row: 2, name: "Mateus", number: null },
        ],
        faults: [],
      }),
    );
    screen.type("Names, one per line", "Oona, 4\nMateus");
    await screen.press("Check the list");
    expect(screen.text()).toContain("OonaMateus");
    await screen.press("Add 2 students");
    expect(bodies(screen)).toEqual([
      { text: "Oona, 4\nMateus", look: true, first_names: true },
      { text: "Oona, 4\nMateus", look: false, first_names: true },
    ]);
    expect(screen.box("Names, one per line").value).toBe("");
    expect(screen.all("button")).toEqual(["Check the list"]);
  });

  it("with a fault in it cannot be taken; each fault has its row", async () => {
    const faults = [
      { row: 2, text: "Two numbers." },
      { row: 0, text: "The file has no names." },
    ];
    const screen = await page(<Roster section={3} />, look({ students: [], faults }));
    screen.type("Names, one per line", "Oona\nMateus 3 4");
    await screen.press("Check the list");
    expect(screen.text()).toContain("2 rows have a problem; nobody was added.");
    expect(screen.all(".note")).toEqual(["Row 2: Two numbers.", "The file has no names."]);
    expect(screen.all("button")).toEqual(["Check the list"]);
  });

  it("must be looked at again once it was changed", async () => {
    const screen = await page(
      <Roster section={3} />,
      look({ students: [{ row: 1, name: "Oona", number: 4 }], faults: [] }),
    );
    screen.type("Names, one per line", "Oona");
    await screen.press("Check the list");
    expect(screen.all("button")).toEqual(["Check the list", "Add 1 student"]);
    screen.type("Names, one per line", "Oona, Ilka");
    expect(screen.all("button")).toEqual(["Check the list"]);
  });

  it("of a file goes as its bytes are, so that a wrong encoding is found", async () => {
    const screen = await page(<Roster section={3} />, look({ students: [], faults: [] }));
    const box = screen.box(/^Or a file/);
    const bytes = new Uint8Array(20_000).fill(0xe9); // é as an older machine writes it
    Object.defineProperty(box, "files", { value: [{ name: "a.csv", arrayBuffer: async () => bytes.buffer }] });
    act(() => void box.dispatchEvent(new Event("change", { bubbles: true })));
    await settle();
    expect(screen.box("Names, one per line").disabled).toBe(true);
    await screen.press("Check the list");
    const [body] = bodies(screen) as { text: string; coded: boolean }[];
    expect(body?.coded).toBe(true);
    expect(atob(body?.text ?? "")).toBe("\xe9".repeat(20_000));
  });
});

describe("how a class measures", () => {
  it("keeps what is chosen at once, with all the rest", async () => {
    const screen = await page(<Settings one={oneClass()} />);
    const { settings } = oneClass();
    screen.type("Cup size", "metric_250");
    await settle();
    expect(bodies(screen)).toEqual([{ ...settings, standard: "metric_250" }]);
    screen.type("Tolerance level", "exacting");
    await settle();
    expect(bodies(screen)[1]).toEqual({ ...settings, standard: "metric_250", tolerance_level: "exacting" });
    await screen.tick("Show targets before weighing");
    expect(bodies(screen)[2]).toMatchObject({ shows_target: true, asks_guess: true });
  });

  it("has one method a family: another takes its place, and no other family's", async () => {
    const screen = await page(<Settings one={oneClass()} />);
    await screen.tick(/^Dip and sweep/);
    expect(bodies(screen)[0]).toMatchObject({ methods: ["packed-firm", "dip-sweep"] });
  });

  it("answers where cooks disagree, beside what was answered before", async () => {
    const screen = await page(<Settings one={oneClass()} />);
    screen.type("Brown sugar is", "loose");
    await settle();
    expect(bodies(screen)[0]).toMatchObject({ schools: { "butter-fat": "wrapper", "brown-sugar": "loose" } });
  });

  it("keeps a name when its box is left, and says what is wrong with it there", async () => {
    const screen = await page(<Settings one={oneClass()} />, {
      "PUT /api/sections/3": refusal({ name: "Give it a name." }),
    });
    await screen.leave("Name of the class");
    expect(screen.changes()).toEqual([]);
    screen.type("Name of the class", " ");
    expect(screen.changes()).toEqual([]);
    await screen.leave("Name of the class");
    expect(screen.changes()).toHaveLength(1);
    expect(screen.wrong()).toEqual(["Give it a name."]);
  });

  it("says in one sentence what is about no box", async () => {
    const screen = await page(<Settings one={oneClass()} />, {
      "PUT /api/sections/3": () => json(403, { message: "Only its teacher may.", reason: "forbidden", errors: {} }),
    });
    await screen.tick("Open for joining");
    expect(screen.wrong()).toEqual(["Only its teacher may."]);
  });
});

describe("coming in", () => {
  it("has the class's code as a picture and in letters, and a new one for each", async () => {
    const screen = await page(<Codes one={oneClass()} />);
    expect(screen.place.querySelector("svg title")?.textContent).toBe("QR code to join with ABCDEF");
    expect(screen.all("td.display")).toEqual(["HAZEL10", "ROWAN10"]);
    await screen.press("Make a new class code");
    await screen.press("New code for Rowan");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["POST /api/sections/3/code", undefined],
      ["PUT /api/sections/3/stations/2", { name: "Rowan", renew: true }],
    ]);
  });

  it("lets a colleague in, and out", async () => {
    const screen = await page(<Colleagues one={oneClass()} />, {
      "POST /api/sections/3/colleagues": { id: 3 },
    });
    expect(screen.all("li span")).toEqual(["Mr. Brook, aide (view only)"]);
    screen.type("Their e-mail", "brook@school.example");
    screen.type("Role", "aide");
    await screen.press("Invite");
    expect(screen.box("Their e-mail").value).toBe("");
    await screen.sure("Remove Mr. Brook from the class", "Yes, remove it");
    await screen.again(null);
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["POST /api/sections/3/colleagues", { email: "brook@school.example", role: "aide" }],
      ["DELETE /api/sections/3/colleagues/21", undefined],
    ]);
  });

  it("keeps an address that nobody has", async () => {
    const screen = await page(<Colleagues one={oneClass({ colleagues: [] })} />, {
      "POST /api/sections/3/colleagues": refusal({ email: "Nobody here has that address." }),
    });
    screen.type("Their e-mail", "x@school.example");
    await screen.press("Invite");
    expect(screen.wrong()).toEqual(["Nobody here has that address."]);
    expect(screen.box("Their e-mail").value).toBe("x@school.example");
  });
});

describe("what counts as Level", () => {
  const own = { percents: { oil: 7 }, small_floor_g: 0.2, floor_g: 1 };
  const open = () => {
    const keep = vi.fn();
    return page(<Tolerances one={oneClass()} own={own} keep={keep} />).then((screen) => ({ screen, keep }));
  };

  it.each([
    ["Oil", "6", { ...own, percents: { oil: 6 } }],
    ["Oil", "5", { ...own, percents: {} }],
    ["Oil", "", { ...own, percents: {} }],
    ["Fine powder", "6,5", { ...own, percents: { oil: 7, "fine-powder": 6.5 } }],
    ["Never less than, g", "2", { ...own, floor_g: 2 }],
  ])("keeps %s at '%s'", async (label, typed, kept) => {
    const { screen, keep } = await open();
    const name = new RegExp(`^${label}`);
    screen.type(name, typed);
    await screen.leave(name);
    expect(keep).toHaveBeenCalledExactlyOnceWith(kept);
  });

  it("sends nothing that did not change", async () => {
    const { screen, keep } = await open();
    for (const label of [/^Oil/, /^Fine powder/, /^Never less than, g/]) await screen.leave(label);
    expect(keep).not.toHaveBeenCalled();
  });
});
