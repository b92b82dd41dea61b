import { act } from "react";
import { Route, Routes } from "react-router";
import { beforeAll, describe, expect, it, vi } from "vitest";
import AccountScreen from "../../resources/js/account/AccountScreen";
import YearEnd from "../../resources/js/classes/YearEnd";
import { learn, startWords } from "../../resources/js/i18n/i18n";
import SchoolScreen from "../../resources/js/school/SchoolScreen";
import SetUpSchool from "../../resources/js/set-up/SetUpSchool";
import Welcome from "../../resources/js/set-up/Welcome";
import { tellReading } from "../../resources/js/shell/readings";
import FromTable from "../../resources/js/weigh/FromTable";
import { page, refusal } from "./page";
import { settle } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
  await learn("school");
});

const nobody = {
  kind: "nobody",
  name: null,
  school: null,
  version: "0.10.0",
  role: null,
  demo: false,
  to_set_up: true,
};
const keeper = { ...nobody, kind: "teacher", name: "R. Tamm", role: "keeper", school: "Blackthorn", to_set_up: false };
const school = {
  name: "Blackthorn",
  time_zone: "UTC",
  language: "en",
  spelling: "us",
  decimal_sign: "device",
  standard: "metric_250",
  year_ends: "06-30",
  kept_years: 1,
  kitchens: [
    { id: 1, name: "Kitchen 1" },
    { id: 2, name: "Küche B" },
  ],
};
const person = (id: number, name: string, more: object = {}) => ({
  id,
  name,
  email: `${name.toLowerCase()}@blackthorn.example`,
  role: "teacher",
  kitchen_id: 1,
  kitchen: "Kitchen 1",
  active: true,
  devices: 0,
  seen_at: null,
  classes: [],
  ...more,
});
const answers = {
  "GET /api/school": school,
  "GET /api/school/people": {
    people: [
      person(1, "Tamm", { role: "keeper", devices: 2, seen_at: "2026-11-28T10:05:00Z", classes: ["Foods 1"] }),
      person(2, "Oduya", { active: false }),
    ],
    slips: [
      { id: 9, name: "Quist", email: "q@b.example", role: "aide", ends_at: "2026-12-05T10:00:00Z", is_new: true },
    ],
    can_mail: false,
  },
  "GET /api/school/ends": {
    classes: [
      { id: 3, name: "Foods 1", teacher: "Tamm", students: 22, archived: false, kept: false, ends_on: "2028-06-30" },
      { id: 4, name: "Foods 2", teacher: "Tamm", students: 1, archived: true, kept: true, ends_on: null },
    ],
  },
  "GET /api/school/log": {
    rows: [{ id: 5, at: "2026-11-28T10:05:00Z", who: "Tamm", said: "invited Quist" }],
    before: 5,
  },
};
const made = {
  id: 10,
  name: "Quist",
  school: "Blackthorn",
  code: "BCDF-GHJK-2345",
  path: "/welcome/BCDF-GHJK-2345",
  ends_at: "2026-12-05T10:00:00Z",
  is_new: true,
  mailed: false,
};

describe("the first visit", () => {
  it("asks four things and the code, says beside each what is wrong, and leads to the first class", async () => {
    let isSetUp = false;
    const screen = await page(<SetUpSchool />, {
      "GET /api/session": nobody,
      "POST /api/set-up": ({ body }: { body: unknown }) => {
        if (isSetUp) return new Response(JSON.stringify(keeper), { headers: { "Content-Type": "application/json" } });
        isSetUp = true;
        expect(body).toMatchObject({ name: "Blackthorn", standard: expect.any(String) });
        return refusal({ password: "Use 10 letters or more.", code: "That is not the set-up code." })();
      },
    });
    expect(screen.all("legend")).toHaveLength(4);
    screen.type("Name of the school", "Blackthorn");
    await screen.press("Set up and go on");
    expect(screen.text()).toContain("Use 10 letters or more.");
    expect(screen.text()).toContain("That is not the set-up code.");
    expect(screen.box("Name of the school").value).toBe("Blackthorn");
    await screen.press("Set up and go on");
    expect(screen.where()).toBe("/class");
  });

  it.each([
    ["en-US", "us", "us_customary"],
    ["es-US", "us", "us_customary"],
    ["en-GB", "british", "metric_250"],
    ["es-CO", "us", "metric_250"],
  ])("begins with what a browser set to %s makes likely", async (language, spelling, standard) => {
    vi.spyOn(navigator, "language", "get").mockReturnValue(language);
    const screen = await page(<SetUpSchool />, { "GET /api/session": nobody });
    expect([screen.box("English spelling").value, screen.box("Cup of new classes").value]).toEqual([
      spelling,
      standard,
    ]);
    vi.restoreAllMocks();
  });

  it("is over once somebody was there", async () => {
    const screen = await page(<SetUpSchool />, { "GET /api/session": { ...nobody, to_set_up: false } }, "/set-up");
    expect(screen.where()).toBe("/");
  });
});

describe("a mistake", () => {
  const door = (
    <Routes>
      <Route path="/welcome/:code?" element={<Welcome />} />
      <Route path="*" element={null} />
    </Routes>
  );
  it("is opened by its code, as it is typed, and lets in with a password", async () => {
    const screen = await page(
      door,
      {
        "GET /api/session": nobody,
        "GET /api/slips/BCDF-GHJK-2345": { name: "Quist", email: "q@b.example", school: "Blackthorn", is_new: true },
        "POST /api/slips/BCDF-GHJK-2345": keeper,
      },
      "/welcome",
    );
    screen.type("Code", "bcdf-ghjk-2345");
    await screen.press("Go on");
    await settle();
    expect(screen.all("h1")).toEqual(["Welcome to Blackthorn"]);
    expect(screen.box("Name").value).toBe("Quist");
    screen.type("New password", "seven green teapots");
    await screen.press("Choose it and go in");
    expect(screen.changes()).toEqual([
      {
        asked: "POST /api/slips/BCDF-GHJK-2345",
        query: {},
        body: { name: null, password: "seven green teapots" },
      },
    ]);
    expect(screen.where()).toBe("/today");
  });

  it("that works no more says so, and another can be typed", async () => {
    const screen = await page(
      door,
      { "GET /api/session": nobody, "GET /api/slips/OLD": refusal({ code: "This slip does not work any more." }) },
      "/welcome/OLD",
    );
    expect(screen.text()).toContain("This slip does not work any more.");
    expect(screen.box("Code").value).toBe("");
  });
});

describe("the keeper's page", () => {
  it("has everybody, slips that wait, when classes end, and what adults did", async () => {
    const screen = await page(<SchoolScreen />, answers);
    expect(screen.all(".people b")).toEqual(["Tamm", "Oduya", "Quist"]);
    expect(screen.text()).toContain("on 2 devices");
    expect(screen.text()).toContain("no access");
    expect(screen.all(".ends li")[0]).toContain("22 students");
    expect(screen.all(".ends li")[1]).toContain("kept");
    expect(screen.all(".log li")[0]).toContain("Tamm invited Quist");
    await screen.press("Older");
    expect(screen.sent.filter(({ asked }) => asked === "GET /api/school/log").at(-1)?.query).toEqual({ before: "5" });
  });

  it("makes a slip, shown once, with its code in groups", async () => {
    const screen = await page(<SchoolScreen />, { ...answers, "POST /api/school/slips": made });
    await screen.press("Invite someone");
    screen.type("Name", "Quist");
    screen.type("E-mail", "q@b.example");
    await screen.press("Make the slip");
    expect(screen.changes()[0]?.body).toEqual({
      name: "Quist",
      email: "q@b.example",
      role: "teacher",
      kitchen_id: 1,
      mail: false,
    });
    expect(screen.all(".slip-code span")).toEqual(["BCDF", "GHJK", "2345"]);
    await screen.press("Done");
    expect(screen.all(".slip-code span")).toEqual([]);
  });

  it("changes what somebody is, where, and whether they come in, one thing at a time", async () => {
    const screen = await page(<SchoolScreen />, answers);
    screen.type("What Tamm is", "teacher");
    screen.type("Kitchen of Oduya", "2");
    await settle();
    await screen.press("Give Oduya access again");
    await screen.press("Sign Tamm out everywhere");
    await screen.press("Take back the slip of Quist");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["PUT /api/school/people/1", { role: "teacher", kitchen_id: 1, active: true }],
      ["PUT /api/school/people/2", { role: "teacher", kitchen_id: 2, active: false }],
      ["PUT /api/school/people/2", { role: "teacher", kitchen_id: 1, active: true }],
      ["DELETE /api/school/people/1/sessions", undefined],
      ["DELETE /api/school/slips/9", undefined],
    ]);
  });

  it("keeps a setting as soon as it is chosen, and says where it is refused", async () => {
    const screen = await page(<SchoolScreen />, {
      ...answers,
      "PUT /api/school": refusal({ year_ends: "Write month and day." }),
    });
    screen.type("Erase classes after that", "");
    await settle();
    expect(screen.changes()[0]?.body).toMatchObject({ kept_years: null, standard: "metric_250" });
    expect(screen.text()).toContain("Write month and day.");
  });
});

describe("one's own sign-in", () => {
  const account = {
    "GET /api/account": {
      name: "R. Tamm",
      email: "t@b.example",
      role: "keeper",
      sessions: [
        { device: "computer", at: "2026-11-28T10:05:00Z", here: true },
        { device: "phone", at: "2026-11-27T10:05:00Z", here: false },
      ],
    },
  };
  it("has its devices, and ends them but this one", async () => {
    const screen = await page(<AccountScreen />, account);
    expect(screen.all(".ends li b")).toEqual(["Computer", "Phone"]);
    await screen.press("Sign out everywhere else");
    expect(screen.changes().map(({ asked }) => asked)).toEqual(["DELETE /api/account/sessions"]);
  });

  it("changes its password, and forgets what was typed only when it is kept", async () => {
    let tries = 0;
    const screen = await page(<AccountScreen />, {
      ...account,
      "PUT /api/account/password": () =>
        ++tries === 1 ? refusal({ current: "That is not your password now." })() : new Response(null, { status: 204 }),
    });
    screen.type("Password now", "wrong");
    screen.type("New password", "seven green teapots");
    await screen.press("Change it");
    expect(screen.text()).toContain("That is not your password now.");
    expect(screen.box("New password").value).toBe("seven green teapots");
    await screen.press("Change it");
    expect(screen.text()).toContain("Changed. Other devices are signed out.");
    expect(screen.box("New password").value).toBe("");
  });
});

describe("a class at its year's end", () => {
  const one = { id: 3, settings: { name: "Foods 1" } } as never;
  const end = {
    name: "Foods 1",
    archived: false,
    kept: false,
    students: 22,
    labs: 1,
    weighings: 73,
    ends_on: "2028-06-30",
    gone_from_backups: "2027-01-02",
  };
  it("is erased by its name alone, after what goes has been told", async () => {
    const screen = await page(<YearEnd one={one} />, {
      "GET /api/sections/3/end": end,
      "POST /api/sections/3/erasure": refusal({ name: "Type the name just as it is here." }),
    });
    await screen.press("Erase this class");
    expect(screen.text()).toContain("This erases 22 students, 1 lab and 73 weights.");
    expect(screen.text()).toContain("2027");
    screen.type("Type Foods 1 to erase it", "Foods");
    await screen.press("Erase it");
    expect(screen.text()).toContain("Type the name just as it is here.");
    await screen.press("Leave it");
    expect(screen.text()).not.toContain("This erases");
  });

  it("goes on under another name, is kept longer, or put away", async () => {
    const screen = await page(<YearEnd one={one} />, {
      "GET /api/sections/3/end": end,
      "POST /api/sections/3/next-year": { id: 8 },
      "PUT /api/sections/3/end": { ...end, kept: true, ends_on: null },
    });
    await screen.tick("Keep this class longer");
    screen.type("Name for next year", "Foods 1, 2027");
    await screen.press("Go on with it");
    expect(screen.where()).toBe("/class/8");
    expect(screen.changes().map(({ asked, body }) => [asked, body])).toEqual([
      ["PUT /api/sections/3/end", { kept: true }],
      ["POST /api/sections/3/next-year", { name: "Foods 1, 2027" }],
    ]);
  });

  it("is no co-teacher's to end", async () => {
    const screen = await page(<YearEnd one={one} />, { "GET /api/sections/3/end": refusal({}, 403) });
    expect(screen.text()).toBe("");
  });
});

describe("a number from the weighing table", () => {
  it("is taken with a tap, the newest one, and never by itself", async () => {
    const taken: unknown[] = [];
    const screen = await page(<FromTable take={(reading) => taken.push(reading)} />);
    expect(screen.text()).toBe("");
    act(() => {
      tellReading({ grams: "238", report: "040200ee00" });
      tellReading({ grams: "239", report: "040200ef00" });
    });
    expect(screen.text()).toContain("239 g came from the weigh-in table.");
    expect(taken).toEqual([]);
    await screen.press("Use it");
    expect(taken).toEqual([{ grams: "239", report: "040200ef00" }]);
    expect(screen.text()).toBe("");
  });
});
