import { act } from "react";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import { axis, byClock, codes, fitsIn, type Part } from "../../resources/js/period/period";
import PutAway from "../../resources/js/prepare/PutAway";
import Calendar from "../../resources/js/school/Calendar";
import Finder from "../../resources/js/search/Finder";
import ClassSwitch from "../../resources/js/shell/ClassSwitch";
import { nameAmong, runningFirst } from "../../resources/js/shell/useClassHere";
import TermScreen from "../../resources/js/term/TermScreen";
import DayRim from "../../resources/js/today/DayRim";
import { page, refusal } from "./page";
import { settle } from "./render";

beforeAll(async () => {
  await startWords();
  await Promise.all([learn("teacher"), learn("school")]);
});
beforeEach(() => speak("en"));
afterEach(() => {
  vi.unstubAllGlobals();
  sessionStorage.clear();
  localStorage.removeItem("hovik.class");
});

type Section = Parameters<typeof nameAmong>[0];
const section = (id: number, name: string, more: Partial<Section> = {}): Section => ({
  id,
  name,
  period: null,
  runs: true,
  code: "ABCDEF",
  open_to_join: false,
  meets: true,
  is_now: false,
  starts_at: `0${id}:00`,
  ends_at: `0${id}:47`,
  next_day: "2026-12-01",
  stations: [],
  labs: [],
  at_the_door: [],
  ...more,
});
const today = (...sections: Section[]) => ({
  time_zone: "UTC",
  unread: [],
  unchecked_scales: [],
  drawer: null,
  sections,
});

describe("the class in question", () => {
  it("is the running one, unless another was chosen in this tab; else the last one used", async () => {
    const answers: Record<string, unknown> = {
      "GET /api/today": today(section(1, "Foods 1"), section(2, "Foods 2", { is_now: true })),
    };
    const first = await page(<ClassSwitch />, answers);
    expect(first.all("option")).toEqual(["Foods 2", "Foods 1"]);
    expect(first.box("Class").value).toBe("2");
    first.type("Class", "1");
    await settle();
    expect(first.box("Class").value).toBe("1");
    sessionStorage.clear(); // another day
    expect((await page(<ClassSwitch />, answers)).box("Class").value).toBe("2");
    answers["GET /api/today"] = today(section(2, "Foods 2"), section(1, "Foods 1"));
    expect((await page(<ClassSwitch />, answers)).box("Class").value).toBe("1");
  });

  it("is chosen nowhere where there is only one, and leads to its page from another's", async () => {
    expect((await page(<ClassSwitch />, { "GET /api/today": today(section(1, "Foods 1")) })).all("select")).toEqual([]);
    const two = { "GET /api/today": today(section(1, "Foods 1"), section(2, "Foods 2")) };
    const screen = await page(<ClassSwitch />, two, "/class/1");
    screen.type("Class", "2");
    await settle();
    expect(screen.where()).toBe("/class/2");
  });

  it("is told from another of its name by when it begins, and stands first while its lab is open", () => {
    const open = { id: 1, title: "", state: "open" as const, planned_for: "", ingredients: 0, opened_at: null };
    const all = [section(1, "Foods"), section(2, "Foods"), section(3, "Baking", { labs: [open] })];
    expect(all.map((one) => nameAmong(one, all))).toEqual(["Foods · 01:00", "Foods · 02:00", "Baking"]);
    expect(runningFirst(all).map((one) => one.id)).toEqual([3, 1, 2]);
  });
});

describe("finding anything", () => {
  const all = [
    { kind: "lab", name: "Oat buns", also: [], of: "Foods 1", day: "2026-12-01", to: "/labs/4/prepare" },
    { kind: "food", name: "Oats", also: ["avena"], of: null, day: null, to: "/pantry?food=oats" },
    { kind: "student", name: "María José", also: [], of: "Foods 1", day: null, to: "/class/1#student-7" },
  ];
  const open = () => page(<Finder dialog={{ current: null }} />, { "GET /api/search": all });

  it("goes by any name, without accents, kind by kind", async () => {
    const screen = await open();
    expect(screen.all("a")).toEqual([]);
    screen.type(/^A lab/, "oat");
    await settle();
    expect([screen.all("h3"), screen.all("a b")]).toEqual([
      ["Labs", "Foods"],
      ["Oat buns", "Oats"],
    ]);
    expect(screen.all("[role=status]")).toEqual(["2 found"]);
    screen.type(/^A lab/, "jose maria");
    await settle();
    expect(screen.all("a")).toEqual(["María JoséFoods 1"]);
    screen.type(/^A lab/, "avena");
    await settle();
    expect(screen.place.querySelector("a")?.getAttribute("href")).toBe("/pantry?food=oats");
    screen.type(/^A lab/, "zzz");
    await settle();
    expect(screen.text()).toContain('Nothing is called "zzz".');
  });
});

describe("a term", () => {
  const day = (date: string, more: object = {}) => ({ date, bells: "Regular", is_school: true, labs: [], ...more });
  const lab = { id: 4, title: "Buns", state: "prepared", section: "Foods 1", starts_at: "10:05", meets: false };
  const week = (saturday: object = {}) => ({
    days: [
      day("2026-11-30", { labs: [lab, { ...lab, id: 5, state: "closed" }] }),
      day("2026-12-01", { bells: null, is_school: false }),
      ...["2026-12-02", "2026-12-03", "2026-12-04"].map((date) => day(date)),
      day("2026-12-05", { bells: null, is_school: false, ...saturday }),
      day("2026-12-06", { bells: null, is_school: false }),
    ],
  });
  const term = (...weeks: object[]) => ({ today: "2026-12-02", before: "2026-07-06", after: "2027-04-12", weeks });

  it("stands week by week, with its bells, its labs, and what cannot be", async () => {
    const screen = await page(<TermScreen />, { "GET /api/term": term(week()) });
    expect(screen.all("thead th")).toEqual(["Monday", "Tuesday", "Wednesday", "Thursday", "Friday"]);
    expect(screen.all("tbody td")[0]).toContain("BunsFoods 1, 10:05this class does not meet");
    expect(screen.all("tbody td")[1]).toBe("Tuesday 1 no school");
    expect(screen.place.querySelector("[aria-current=date]")?.textContent).toContain("2 Today");
    expect([...screen.place.querySelectorAll("td a")].map((one) => one.getAttribute("href"))).toEqual([
      "/labs/4/prepare",
      "/labs/5",
    ]);
    expect(screen.link("Later").getAttribute("href")).toBe("/?from=2027-04-12");
  });

  it("has a Saturday only where something is on one", async () => {
    const screen = await page(<TermScreen />, { "GET /api/term": term(week({ labs: [lab] })) });
    expect(screen.all("thead th").at(-1)).toBe("Saturday");
  });
});

it("what was archived is found again, and brought back", async () => {
  const away = (id: number, title: string, section: string | null) => ({
    id,
    title,
    section,
    archived_at: "2026-11-02",
  });
  const screen = await page(<PutAway />, {
    "GET /api/put-away": { recipes: [away(5, "Buns", null)], labs: [away(8, "Scones", "Foods 1")] },
  });
  expect(screen.all("summary")).toEqual(["Archived (2)"]);
  await screen.press("Bring back Buns");
  await screen.press("Bring back Scones");
  expect(screen.changes().map(({ asked }) => asked)).toEqual([
    "DELETE /api/recipes/5/archive",
    "DELETE /api/labs/8/archive",
  ]);
});

describe("a school's bells", () => {
  const none = { schedules: [], week: [], turns: [], turns_from: null, days: [] };

  it("are pasted, given to the week and to days that are otherwise, and kept whole", async () => {
    const answers: Record<string, unknown> = { "GET /api/school/calendar": none, "PUT /api/school/calendar": none };
    const screen = await page(<Calendar />, answers);
    await screen.press("Add a list of bells");
    screen.type("Name of these bells", "A");
    screen.type("Periods", "4: 10:05-10:52");
    await settle();
    screen.type("Monday", "A");
    await settle();
    screen.type("Tuesday", "*");
    await settle();
    screen.type("Turn 1", "A");
    screen.type("First day of turn 1", "2026-12-01");
    await screen.press("Add a day");
    screen.type("Day", "2026-12-24");
    await settle();
    const draft = {
      schedules: [{ name: "A", text: "4: 10:05-10:52" }],
      week: [
        { day: 1, name: "A" },
        { day: 2, name: "*" },
      ],
      turns: ["A"],
      turns_from: "2026-12-01",
      days: [{ date: "2026-12-24", name: null }],
    };
    // Half filled in, it is there when the page is come back to.
    const again = await page(<Calendar />, answers);
    await again.press("Save the calendar");
    expect(again.changes()).toEqual([{ asked: "PUT /api/school/calendar", query: {}, body: draft }]);
    expect(again.text()).toContain("Saved.");
  });

  it("are refused beside the list that cannot be read", async () => {
    const screen = await page(<Calendar />, {
      "GET /api/school/calendar": { ...none, schedules: [{ name: "A", text: "Lunch" }] },
      "PUT /api/school/calendar": refusal({ "schedules.0.text": "This line needs a period and two times." }),
    });
    await screen.press("Save the calendar");
    expect(screen.wrong()).toContain("This line needs a period and two times.");
    await act(() => screen.press("Remove A"));
    expect(screen.all("textarea")).toEqual([]);
  });
});

describe("words in a period's plan", () => {
  it("have two letters each where they do not fit, no two alike", () => {
    const given = codes(["Bread flour", "Brown sugar", "Butter", "Bread flour", "Br", "Ñame", "酵母"]);
    expect(given.get("Bread flour")).toBe("Br");
    expect(new Set(given.values()).size).toBe(given.size);
    expect(given.get("Ñame")).toBe("Ña");
  });

  it("stand on an axis that is wide while stations measure, ends where the period ends, and never goes back", () => {
    const part = {
      timeline: [
        { what: "set-up", start_s: 0, end_s: 600 },
        { what: "measure", start_s: 600, end_s: 900 },
        { what: "check", start_s: 1200, end_s: 1500 },
        { what: "clean-up", start_s: 2400, end_s: 2820 },
      ],
    } as unknown as Part;
    const { at, named, strokes } = axis(part, 3000);
    expect([at(0), at(3000)].map((one) => Math.round(one * 1e6) / 1e6)).toEqual([0, 1]);
    expect(at(1500) - at(600)).toBeGreaterThan((900 / 3000) * 1.5);
    expect(at(600)).toBeCloseTo(at(2100) - at(1500), 9); // before and after, one scale
    const all = Array.from({ length: 51 }, (_, i) => at(60 * i));
    expect(all).toEqual([...all].sort((a, b) => a - b));
    expect(named).toEqual([0, 5, 10, 12, 14, 16, 18, 20, 22, 24, 30, 35, 40, 45, 50]);
    expect(strokes.slice(0, 2)).toEqual([10, 11]);
  });

  it("stand on one scale where nothing is measured, or nothing else is done", () => {
    const idle = axis({ timeline: [{ what: "clean-up", start_s: 0, end_s: 60 }] } as unknown as Part, 600);
    expect(idle.at(300)).toBeCloseTo(0.5, 9);
    const busy = axis({ timeline: [{ what: "measure", start_s: 0, end_s: 600 }] } as unknown as Part, 600);
    expect([busy.at(0), busy.at(300), busy.at(600)]).toEqual([0, 0.5, 1]);
  });

  it("are told by the clock, past noon and midnight", () => {
    expect([byClock("10:05", 12), byClock("11:59", 1), byClock("23:50", 15)]).toEqual(["10:17", "12:00", "0:05"]);
  });

  it("stand whole or not at all", () => {
    expect([fitsIn("Butter", 0.07), fitsIn("Butter", 0.05), fitsIn("Light brown sugar", 0.1)]).toEqual([
      true,
      false,
      false,
    ]);
  });
});

describe("the day", () => {
  it("draws classes that meet at the same time above one another, and no free period where a class is", async () => {
    const periods = [
      { name: "1", starts_at: "01:00", ends_at: "01:47" },
      { name: "2", starts_at: "02:00", ends_at: "02:47" },
      { name: "3", starts_at: "03:00", ends_at: "03:47" },
    ];
    const meets = [section(1, "Foods 1"), section(2, "Late", { starts_at: "01:30", ends_at: "02:10" })];
    const screen = await page(
      <DayRim
        today={{
          time_zone: "UTC",
          date: "2026-12-01",
          unread: [],
          bells: "A",
          periods,
          sections: meets,
          unchecked_scales: [],
          drawer: null,
        }}
      />,
    );
    const drawn = [...screen.place.querySelectorAll<HTMLElement>(".day-rim > li")].map((one) => [
      one.querySelector("b, .rim-free")?.textContent,
      one.style.gridRow,
      one.style.gridColumn,
    ]);
    expect(drawn).toEqual([
      ["Foods 1", "1", "1 / 48"],
      ["Late", "2", "31 / 71"],
      ["Period 3", "1", "121 / 168"],
    ]);
  });
});
