import { Route, Routes } from "react-router";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import Join from "../../resources/js/join/Join";
import StationSetUp from "../../resources/js/join/StationSetUp";
import TeacherLayout from "../../resources/js/shell/TeacherLayout";
import SignIn from "../../resources/js/sign-in/SignIn";
import Start from "../../resources/js/start/Start";
import Today from "../../resources/js/today/Today";
import { page, refusal } from "./page";
import { json } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
});
beforeEach(async () => {
  document.documentElement.dataset.theme = "flour";
  await speak("en");
});
afterEach(() => {
  vi.unstubAllGlobals();
  delete document.documentElement.dataset.theme;
});

const session = (kind: string, name: string | null = null) => ({
  kind,
  name,
  school: kind === "nobody" ? null : "Tarn Valley",
  version: "0.10.0",
  role: kind === "teacher" ? "teacher" : null,
  demo: false,
  to_set_up: false,
});
const nobody = { "GET /api/session": session("nobody") };

describe("the start", () => {
  it("has three doors for nobody, and says its version", async () => {
    const screen = await page(<Start />, nobody);
    expect([...screen.place.querySelectorAll("main a")].map((one) => one.getAttribute("href"))).toEqual([
      "/join",
      "/station",
      "/sign-in",
    ]);
    expect(screen.text()).toContain("Version 0.10.0");
  });

  it.each([
    ["teacher", "/today"],
    ["student", "/kitchen"],
    ["station", "/kitchen"],
  ])("sends a %s on to %s", async (kind, to) => {
    const screen = await page(<Start />, { "GET /api/session": session(kind, "A") });
    expect(screen.where()).toBe(to);
  });

  it("says in words that there is no server, and tries again", async () => {
    let times = 0;
    const screen = await page(<Start />, {
      "GET /api/session": () => {
        if (times++ === 0) throw new TypeError("fetch failed");
        return json(200, session("nobody"));
      },
    });
    expect(screen.wrong()).toEqual(["No connection to Hovik. Check the Wi-Fi, then try again."]);
    await screen.press("Try again");
    expect(screen.all("main a")).toHaveLength(3);
  });

  it("speaks the other language at a tap", async () => {
    const screen = await page(<Start />, nobody);
    await screen.press("Español");
    await vi.waitFor(() => expect(screen.all("h1")[0]).not.toBe("Measure it. Weigh it. See why."));
    expect(document.documentElement.lang).toBe("es");
  });
});

describe("joining a class", () => {
  const names = {
    name: "Foods 1",
    students: [
      { id: 11, name: "Oona", station: "Hazel", has_pin: true },
      { id: 12, name: "Mateus", station: null, has_pin: false },
    ],
  };
  const answers = { ...nobody, "GET /api/join/ABCDEF": names };

  it("goes by code, then name, then PIN, one thing at a time", async () => {
    const screen = await page(<Join />, { ...answers, "POST /api/join": session("student", "Oona") });
    screen.type("Class code", "abcdef");
    expect(screen.box("Class code").value).toBe("ABCDEF");
    await screen.press("Find the class");
    expect(screen.all(".name")).toEqual(["OonaHazel", "Mateusno station yet"]);
    await screen.press(/^Oona/);
    expect(screen.all("h1")).toEqual(["Your PIN"]);
    expect(screen.button("Join as Oona").disabled).toBe(true);
    screen.type("Your PIN", "12a34567");
    expect(screen.place.querySelectorAll(".pins .full")).toHaveLength(4);
    await screen.press("Join as Oona");
    expect(screen.changes()).toEqual([
      { asked: "POST /api/join", query: {}, body: { code: "ABCDEF", student_id: 11, pin: "1234" } },
    ]);
    expect(screen.where()).toBe("/kitchen");
  });

  it("is by the code in the address, and a first PIN is chosen", async () => {
    const screen = await page(<Join />, answers, "/join?class=ABCDEF"); // nothing is asked that is known
    await screen.press(/^Mateus/);
    expect(screen.all("h1")).toEqual(["Choose a PIN"]);
    for (const key of ["1", "2", "3", "4", "5"]) await screen.press(key);
    expect(screen.box("Your PIN").value).toBe("1234");
  });

  it("empties a wrong PIN, says so, and lets another name be chosen", async () => {
    const screen = await page(
      <Join />,
      { ...answers, "POST /api/join": refusal({ pin: "That is not the PIN." }) },
      "/join?class=ABCDEF",
    );
    await screen.press(/^Oona/);
    screen.type("Your PIN", "9999");
    await screen.press("Join as Oona");
    expect([screen.wrong(), screen.box("Your PIN").value]).toEqual([["That is not the PIN."], ""]);
    await screen.press("Not Oona?");
    await screen.press(/^Mateus/);
    expect(screen.wrong()).toEqual([]);
  });

  it.each([
    ["", "-"],
    [" abc ", "ABC"],
  ])("asks for code '%s' as '%s', and says when there is none such", async (typed, asked) => {
    const screen = await page(<Join />, {
      ...nobody,
      [`GET /api/join/${asked}`]: () => json(404, { message: "No class has that code.", reason: "x", errors: {} }),
    });
    screen.type("Class code", typed);
    await screen.press("Find the class");
    expect(screen.wrong()).toEqual(["No class has that code."]);
  });
});

describe("a station's tablet", () => {
  it("says what is off without HTTPS, and nothing with it", async () => {
    vi.stubGlobal("isSecureContext", false);
    const plain = await page(<StationSetUp />, nobody, "/station");
    expect(plain.text()).toContain("came without HTTPS");
    vi.stubGlobal("isSecureContext", true);
    expect((await page(<StationSetUp />, nobody, "/station")).text()).not.toContain("HTTPS");
  });

  it("is set up by the card's code, and says when it is another's", async () => {
    const replies: Record<string, unknown> = {
      ...nobody,
      "POST /api/station/session": refusal({ code: "No station has that code." }),
    };
    const screen = await page(<StationSetUp />, replies, "/station?code=HAZEL10");
    expect(screen.box("Station code").value).toBe("HAZEL10");
    await screen.press("Set up this tablet");
    expect([screen.wrong(), screen.where()]).toEqual([["No station has that code."], "/station?code=HAZEL10"]);
    replies["POST /api/station/session"] = session("station", "Hazel");
    await screen.press("Set up this tablet");
    expect(screen.where()).toBe("/kitchen");
  });
});

describe("a teacher", () => {
  it("signs in, or is told beside the box", async () => {
    const replies: Record<string, unknown> = {
      ...nobody,
      "POST /api/teacher/session": refusal({ email: "Nobody has this e-mail and password." }),
    };
    const screen = await page(<SignIn />, replies);
    screen.type("E-mail", "reed@school.example");
    screen.type("Password", "flour-and-water");
    await screen.press("Sign in");
    expect(screen.wrong()).toEqual(["Nobody has this e-mail and password."]);
    expect(screen.box("E-mail").getAttribute("aria-invalid")).toBe("true");
    replies["POST /api/teacher/session"] = () => json(429, { message: "Wait a minute.", reason: "x", errors: {} });
    await screen.press("Sign in");
    expect(screen.wrong()).toEqual(["Wait a minute."]);
    replies["POST /api/teacher/session"] = session("teacher", "Ms. Reed");
    await screen.press("Sign in");
    expect(screen.where()).toBe("/today");
    expect(screen.changes().at(-1)?.body).toEqual({ email: "reed@school.example", password: "flour-and-water" });
  });

  const framed = (at: string, kind = "teacher") =>
    page(
      <Routes>
        <Route element={<TeacherLayout />}>
          <Route path="*" element={<p>The page</p>} />
        </Route>
        <Route path="/sign-in" element={<p>The door</p>} />
        <Route path="/" element={<p>The start</p>} />
      </Routes>,
      { "GET /api/session": session(kind, "Ms. Reed") },
      at,
    );

  it.each([
    ["/labs/2", ["Today", "Prepare", "Practice", "Review", "Lab"]],
    ["/labs/2/period", ["Today", "Prepare", "Practice", "Review", "Lab"]],
    ["/labs/2/prepare", ["Today", "Prepare", "Practice", "Review"]],
    ["/today", ["Today", "Prepare", "Practice", "Review"]],
  ])("has the day's places on top at %s: %j", async (at, places) => {
    const screen = await framed(at);
    expect([...(screen.place.querySelector("nav")?.children ?? [])].map((one) => one.textContent)).toEqual(places);
    expect(screen.text()).toContain("The page");
  });

  it("alone passes", async () => {
    for (const kind of ["nobody", "student", "station"]) {
      const screen = await framed("/today", kind);
      expect([screen.where(), screen.text()]).toEqual(["/sign-in", "The door"]);
    }
  });

  it("goes out by the door, and dark and light change places", async () => {
    const screen = await framed("/today");
    await screen.press("Dark");
    expect(document.documentElement.dataset.theme).toBe("cast-iron");
    await screen.press("Light");
    expect(document.documentElement.dataset.theme).toBe("flour");
    await screen.press("Sign out");
    expect(screen.changes().map(({ asked }) => asked)).toEqual(["DELETE /api/session"]);
    expect(screen.where()).toBe("/");
  });
});

describe("today", () => {
  const lab = (id: number, state: string) => ({
    id,
    title: `Buns ${id}`,
    state,
    planned_for: "2026-11-27",
    ingredients: id,
    opened_at: state === "prepared" ? null : "2026-11-27T16:25:00Z",
  });
  const today = (labs: unknown[], unchecked: string[] = []) => ({
    time_zone: "America/Chicago",
    date: "2026-11-27",
    bells: null,
    periods: [],
    unchecked_scales: unchecked,
    unread: [],
    sections: [
      {
        id: 3,
        name: "Foods 1",
        period: null,
        meets: true,
        is_now: false,
        next_day: "2026-11-30",
        code: "ABCDEF",
        open_to_join: false,
        starts_at: "10:25",
        ends_at: "11:15",
        stations: [{ name: "Hazel", code: "HAZEL10" }],
        labs,
        runs: true,
        at_the_door: [],
      },
    ],
  });

  it("has each lab by its state, its time by the school's clock", async () => {
    const screen = await page(<Today />, {
      "GET /api/today": today([lab(1, "prepared"), lab(2, "open"), lab(3, "closed")]),
    });
    expect(screen.all(".lab-what > span.block").map((one) => one.replace(" ", " "))).toEqual([
      "Prepared for Fri, Nov 27 · 1 ingredient",
      "Open since 10:25 AM · 2 ingredients",
      "Held on Fri, Nov 27 · 3 ingredients",
    ]);
    expect(screen.all(".lab-row button")).toEqual(["Open the lab", "Go to the board", "See results"]);
    await screen.press("Go to the board");
    expect(screen.where()).toBe("/labs/2");
  });

  it("opens a lab, or says beside it why not", async () => {
    const replies: Record<string, unknown> = {
      "GET /api/today": today([lab(1, "prepared")]),
      "POST /api/labs/1/open": () => json(409, { message: "Another lab is open.", reason: "x", errors: {} }),
    };
    const screen = await page(<Today />, replies);
    await screen.press("Open the lab");
    expect(screen.wrong()).toEqual(["Another lab is open."]);
    replies["POST /api/labs/1/open"] = { id: 1 };
    await screen.press("Open the lab");
    expect(screen.where()).toBe("/labs/1");
  });

  it.each([
    [[], "Nothing to do. All scales are checked."],
    [["Bench", "Fine"], "Bench, Fine: not checked against a known weight yet."],
  ])("says what needs a hand: %j", async (unchecked, says) => {
    const screen = await page(<Today />, { "GET /api/today": today([], unchecked) });
    expect(screen.text()).toContain(says);
    expect(screen.text()).toContain("No labs yet.");
    expect(screen.all("dd")).toEqual(["ABCDEF", "HAZEL10"]);
  });
});
