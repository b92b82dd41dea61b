import { QueryClientProvider } from "@tanstack/react-query";
import { act, type ReactNode } from "react";
import { createRoot, type Root } from "react-dom/client";
import { MemoryRouter, Outlet, Route, Routes } from "react-router";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import "fake-indexeddb/auto";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import type { Weighing } from "../../resources/js/lab/board";
import PaperCell from "../../resources/js/lab/PaperCell";
import Tally from "../../resources/js/lab/Tally";
import { belongsTo } from "../../resources/js/outbox/outbox";
import type { Question } from "../../resources/js/practice/practice";
import ToolCountField from "../../resources/js/practice/ToolCountField";
import WordField from "../../resources/js/practice/WordField";
import Counting from "../../resources/js/weigh/Counting";
import { dropDraft, useChosenId, useDraft, weighAgain } from "../../resources/js/weigh/draft";
import Gate from "../../resources/js/weigh/Gate";
import IngredientRow from "../../resources/js/weigh/IngredientRow";
import Ingredients from "../../resources/js/weigh/Ingredients";
import type { InKitchen, Kitchen, Line } from "../../resources/js/weigh/kitchen";
import Timers from "../../resources/js/weigh/Timers";
import { json, newQueries, render, server, settle } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
  await learn("bench");
});
beforeEach(async () => {
  localStorage.clear();
  sessionStorage.clear();
  await speak("en");
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const kitchen = (more: Partial<Kitchen> = {}) =>
  ({
    kind: "station",
    station_id: 3,
    students: [{ id: 9, name: "Oona" }],
    lab: { id: 2, title: "Cardamom oat buns", tools: false },
    lines: [],
    todo: [],
    scales: [],
    timers: [],
    gate: null,
    help: false,
    ...more,
  }) as unknown as Kitchen;

const line = (more: Partial<Line> = {}) =>
  ({
    id: 7,
    name: "Bread flour",
    amount: "1 3/4 cups",
    attempts: [],
    fills: [],
    pieces: null,
    sent_back: null,
    checked: false,
    ...more,
  }) as unknown as Line;

let standing: { root: Root; place: HTMLElement } | undefined;
afterEach(() => {
  if (standing) act(() => standing?.root.unmount());
  standing?.place.remove();
  standing = undefined;
});

function Kitchened({ of }: { of: Kitchen }) {
  return <Outlet context={{ kitchen: of, isLive: true } satisfies InKitchen} />;
}

/** A screen inside its kitchen, as the door lets it in. */
function inKitchen(what: ReactNode, of: Kitchen) {
  const place = document.body.appendChild(document.createElement("div"));
  const root = createRoot(place);
  standing = { root, place };
  const queries = newQueries();
  act(() =>
    root.render(
      <QueryClientProvider client={queries}>
        <MemoryRouter>
          <Routes>
            <Route element={<Kitchened of={of} />}>
              <Route path="*" element={what} />
            </Route>
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>,
    ),
  );
  return { place, queries };
}
const press = (place: HTMLElement, text: string | RegExp) =>
  act(() => {
    const button = [...place.querySelectorAll("button")].find((one) =>
      typeof text === "string" ? one.textContent === text : text.test(one.textContent ?? ""),
    );
    (button ?? expect.fail(`there is no ${text}`)).click();
  });

const typed = (key: string) => (before: { readings: Record<string, string> }) => ({
  readings: { grams: `${before.readings.grams ?? ""}${key}` },
});

function Draft({ line: id }: { line: number }) {
  const [draft, change] = useDraft(id);
  return (
    <>
      <output>{`${draft.readings.grams ?? ""}|${draft.ticked.join(",")}`}</output>
      <button type="button" onClick={() => change(typed("4"))}>
        4
      </button>
      <button
        type="button"
        onClick={() => {
          change(typed("4"));
          change(typed("3"));
        }}
      >
        43
      </button>
      <button type="button" onClick={() => change({ ticked: ["loosen"] })}>
        tick
      </button>
    </>
  );
}

function Chosen() {
  const [chosen, choose] = useChosenId("student");
  return (
    <button type="button" onClick={() => choose(9)}>
      {chosen ?? "nobody"}
    </button>
  );
}

describe("a draft", () => {
  const shown = (place: HTMLElement) => place.querySelector("output")?.textContent;

  it("takes each key, two at once too, and forgets nothing of the rest", () => {
    const { place } = inKitchen(<Draft line={7} />, kitchen());
    press(place, "43");
    press(place, "tick");
    press(place, "4");
    expect(shown(place)).toBe("434|loosen");
  });

  it("is there again for the same station and lab, and for nobody else", () => {
    const { place } = inKitchen(<Draft line={7} />, kitchen());
    press(place, "4");
    const drawn = (of: Kitchen, id = 7) => {
      act(() => standing?.root.unmount());
      return shown(inKitchen(<Draft line={id} />, of).place);
    };
    expect(drawn(kitchen())).toBe("4|");
    expect(drawn(kitchen(), 8)).toBe("|");
    expect(drawn(kitchen({ station_id: 4 }))).toBe("|");
    expect(drawn(kitchen({ lab: { id: 5 } as Kitchen["lab"] }))).toBe("|");
    expect(drawn(kitchen({ kind: "student" }))).toBe("|");
  });

  it("keeps its id, however it changes, and has a new one for another try", () => {
    const { place } = inKitchen(<Draft line={7} />, kitchen());
    press(place, "4");
    const kept = () => JSON.parse(localStorage.getItem("hovik.draft.2.station 3.7") ?? "{}");
    const first = kept().id;
    press(place, "tick");
    expect(kept().id).toBe(first);
    act(() => weighAgain(kitchen(), 7, ["loosen"], 12));
    expect(kept()).toMatchObject({ ticked: ["loosen"], scale: 12, readings: {} });
    expect(kept().id).not.toBe(first);
    act(() => dropDraft(kitchen(), 7));
    expect(shown(place)).toBe("|");
    expect(localStorage.getItem("hovik.draft.2.station 3.7")).toBeNull();
  });

  it.each(["not json", "null", "[]", '{"grams":"4"}', '{"id":7}'])("begins anew where %s was kept", (text) => {
    localStorage.setItem("hovik.draft.2.station 3.7", text);
    const { place } = inKitchen(<Draft line={7} />, kitchen());
    expect(shown(place)).toBe("|");
  });
});

describe("who measures, on which scale", () => {
  it("is remembered for this sitting, and nonsense is nobody", () => {
    sessionStorage.setItem("hovik.student", "banana");
    const { place } = render(<Chosen />);
    expect(place.textContent).toBe("nobody");
    act(() => place.querySelector("button")?.click());
    expect(place.textContent).toBe("9");
    expect(sessionStorage.getItem("hovik.student")).toBe("9");
    expect(localStorage.getItem("hovik.student")).toBeNull(); // another person may sit here tomorrow
  });
});

describe("counting fills and eggs", () => {
  const cup = (count: number, to_mark: string | null = null) =>
    ({ count, to_mark }) as unknown as Line["fills"][number];
  it("says which one comes next, to the last, and back", () => {
    const { place } = inKitchen(<Counting line={line({ fills: [cup(2), cup(1)] })} />, kitchen());
    expect(place.textContent).toContain("Fill 1 of 3");
    for (const next of ["Fill 2 of 3", "Fill 3 of 3"]) {
      press(place, "Tipped in");
      expect(place.textContent).toContain(next);
    }
    press(place, "Tipped in");
    expect(place.querySelector<HTMLButtonElement>("button.btn")?.disabled).toBe(true);
    expect(place.querySelectorAll(".counted")).toHaveLength(3);
    press(place, "One less");
    expect(place.textContent).toContain("Fill 3 of 3");
    press(place, "Not done");
    expect(place.querySelectorAll(".left-out")).toHaveLength(1);
    expect(place.textContent).toContain("All 3 answered");
  });
  it("is not there for one, nor for a pour to a line", () => {
    expect(inKitchen(<Counting line={line({ fills: [cup(1)] })} />, kitchen()).place.textContent).toBe("");
    act(() => standing?.root.unmount());
    expect(inKitchen(<Counting line={line({ fills: [cup(3, "1/2 cup")] })} />, kitchen()).place.textContent).toBe("");
    act(() => standing?.root.unmount());
    expect(inKitchen(<Counting line={line({ pieces: 3 })} />, kitchen()).place.textContent).toContain("1 of 3");
  });
});

describe("an ingredient of the list", () => {
  const row = (of: Partial<Line>) =>
    inKitchen(<IngredientRow line={line(of)} isNext={false} measure={() => {}} />, kitchen()).place;
  const attempt = (verdict: string, student = "Oona") =>
    ({ id: verdict, verdict, tolerances: 1, student }) as unknown as Line["attempts"][number];
  it.each([
    ["not weighed", {}, "Not weighed"],
    ["the last verdict, by whom", { attempts: [attempt("heaped"), attempt("level", "Mateus")] }, "LevelMateus"],
    ["how often", { attempts: [attempt("heaped"), attempt("level")] }, "2"],
    ["that it is to be done again", { attempts: [attempt("heaped")], sent_back: "Sweep it." }, "Measure again"],
    ["that it was looked at", { attempts: [attempt("level")], checked: true }, "Oona · "],
  ])("says %s", (_, of, text) => expect(row(of as Partial<Line>).textContent).toContain(text));
  it("is pressed to measure it", () => {
    const measure = vi.fn();
    const { place } = inKitchen(<IngredientRow line={line()} isNext measure={measure} />, kitchen());
    act(() => place.querySelector("button")?.click());
    expect(measure.mock.calls[0]?.[0]).toMatchObject({ id: 7 });
    expect(place.querySelector("button")?.className).toContain("next");
  });
});

describe("what happens at a station", () => {
  let api: ReturnType<typeof server>;
  beforeEach(() => {
    api = server();
    belongsTo("station 3");
  });
  const told = () => api.calls.filter((call) => call.method === "PUT").map((call) => call.body);
  const stored = (call: { url: string }) => json(200, { id: call.url.split("/").at(-1), work: kitchen() });

  it("a hand goes up, and down again", async () => {
    api.script.push(stored, stored);
    const { place } = inKitchen(<Gate />, kitchen());
    press(place, "Raise a hand");
    await settle();
    await settle();
    expect(told()).toMatchObject([{ kind: "help", student_id: null }]);
    act(() => standing?.root.unmount());
    const up = inKitchen(<Gate />, kitchen({ help: true })).place;
    expect(up.querySelector("button")?.getAttribute("aria-pressed")).toBe("true");
    press(up, /Put it down/);
    await settle();
    await settle();
    expect(told().at(-1)).toMatchObject({ kind: "help-over" });
  });

  it("is credited to who was chosen, and a refusal is told in words", async () => {
    sessionStorage.setItem("hovik.student", "9");
    api.script.push(() => json(422, { message: "No.", errors: { kind: ["That cannot happen at a station."] } }));
    const { place } = inKitchen(<Gate />, kitchen());
    press(place, "Raise a hand");
    await settle();
    await settle();
    expect(told()).toMatchObject([{ kind: "help", student_id: 9 }]);
    expect(place.querySelector("[role=alert]")?.textContent).toBe("That cannot happen at a station.");
  });

  it("what was called ready can be called back", () => {
    const ready = inKitchen(<Gate />, kitchen({ gate: { ready: true } as Kitchen["gate"] })).place;
    expect(ready.querySelectorAll("button")).toHaveLength(2);
    act(() => standing?.root.unmount());
    expect(
      inKitchen(<Gate />, kitchen({ gate: { ready: false } as Kitchen["gate"] })).place.querySelectorAll("button"),
    ).toHaveLength(1);
  });

  it("a timer counts down, second by second, and says when it is over", () => {
    vi.useFakeTimers();
    vi.setSystemTime(new Date("2026-11-27T17:05:00Z"));
    const ends_at = Date.now() / 1000 + 65;
    const { place } = inKitchen(
      <Timers />,
      kitchen({ timers: [{ id: "a", label: "Buns", ends_at }] as unknown as Kitchen["timers"] }),
    );
    expect(place.querySelector(".num")?.textContent).toBe("1:05");
    act(() => void vi.advanceTimersByTime(6000));
    expect(place.querySelector(".num")?.textContent).toBe("0:59");
    act(() => void vi.advanceTimersByTime(60_000));
    expect(place.querySelector(".num")?.textContent).toBe("0:00");
    expect(place.querySelector("li")?.getAttribute("role")).toBe("alert");
  });
});

describe("a cell of the paper sheet", () => {
  const cell = (more: Partial<Parameters<typeof PaperCell>[0]>) =>
    render(
      <table>
        <tbody>
          <tr>
            <PaperCell
              at="1/7"
              id="x"
              station="Hazel"
              line="Bread flour"
              text=""
              judged={[]}
              student={undefined}
              unclear={undefined}
              stored={undefined}
              onWrite={() => {}}
              onKeys={() => {}}
              {...more}
            />
          </tr>
        </tbody>
      </table>,
    ).place;
  const verdict = (one: string | null, problem: string | null = null) =>
    ({ verdict: one, problem, tolerances: 1 }) as unknown as Parameters<typeof PaperCell>[0]["judged"][number];

  it("is named by its station and ingredient", () =>
    expect(cell({}).querySelector("input")?.getAttribute("aria-label")).toBe("Hazel, Bread flour, grams"));
  it("says what is stored, until something is typed", () => {
    const stored = { grams: 219, decimals: 0, verdict: "level" } as Weighing;
    expect(cell({ stored }).textContent).toContain("219 g, Level");
    expect(cell({ stored, text: "2" }).textContent).not.toContain("219");
  });
  it("says the last try's verdict, and draws each", () => {
    const place = cell({ text: "260 219 o", judged: [verdict("heaped"), verdict("level")], student: "Oona" });
    expect(place.querySelectorAll("svg")).toHaveLength(2);
    expect(place.textContent).toBe("LevelOona");
  });
  it("says what is wrong before anything else", () => {
    const place = cell({ text: "219 zz", judged: [verdict("level")], unclear: "Nobody here begins with zz." });
    expect(place.textContent).toBe("Nobody here begins with zz.");
    expect(place.querySelector("input")?.getAttribute("aria-invalid")).toBe("true");
    expect(cell({ text: "60.5", judged: [verdict(null, "This scale counts in 1 g steps.")] }).textContent).toContain(
      "1 g steps",
    );
  });
});

describe("answers of other kinds", () => {
  it("are tools, each so often", () => {
    let counts: unknown;
    const question = {
      choices: [
        { id: "cup", said: "1 cup" },
        { id: "tbsp", said: "1 tbsp" },
      ],
      figure: {},
    } as unknown as Question;
    const field = (answer: unknown) => (
      <ToolCountField
        question={question}
        answer={answer as Record<string, number> | undefined}
        marked={undefined}
        onAnswer={(next) => {
          counts = next;
        }}
      />
    );
    const { place, again } = render(field(undefined));
    const key = (row: number, sign: number) =>
      act(() => place.querySelectorAll("li")[row]?.querySelectorAll("button")[sign]?.click());
    key(0, 1);
    expect(counts).toEqual({ cup: 1 });
    again(field({ cup: 1 }));
    key(1, 1);
    expect(counts).toEqual({ cup: 1, tbsp: 1 });
    key(0, 0);
    expect(counts).toBeUndefined(); // none of anything is no answer
    again(field({ cup: 12 }));
    expect(place.querySelectorAll<HTMLButtonElement>("li button")[1]?.disabled).toBe(true);
    expect(place.querySelectorAll<HTMLButtonElement>("li button")[2]?.disabled).toBe(true);
  });
  it("are words of the line, or none of them", () => {
    const chosen = vi.fn();
    const question = {
      choices: [],
      figure: {
        words: [
          { id: "w0", said: "1 cup" },
          { id: "w1", said: "sifted" },
          { id: "w2", said: "flour" },
        ],
      },
    } as unknown as Question;
    const field = (answer?: string[]) => (
      <WordField question={question} answer={answer} marked={undefined} onAnswer={chosen} />
    );
    const { place, again } = render(field());
    press(place, "sifted");
    expect(chosen).toHaveBeenLastCalledWith(["w1"]);
    again(field(["w1"]));
    press(place, "flour");
    expect(chosen).toHaveBeenLastCalledWith(["w1", "w2"]);
    press(place, "sifted");
    expect(chosen).toHaveBeenLastCalledWith(undefined);
    press(place, "Nothing before measuring");
    expect(chosen).toHaveBeenLastCalledWith([]);
  });
});

it.each([
  [0, 0],
  [1, 1],
  [5, 5],
  [9, 5],
])("%d weighings are %d strokes", (count, strokes) =>
  expect(render(<Tally count={count} />).place.querySelectorAll("i")).toHaveLength(strokes),
);

it("a lab in two periods: what to measure, what stands stored, and what waits for the next time", () => {
  const flour = line({ id: 1, name: "Flour", store: "Covered", later: false });
  const milk = line({
    id: 2,
    name: "Milk",
    store: "In the refrigerator",
    later: false,
    attempts: [{ verdict: "level", tolerances: 0, student: "Oona" }] as unknown as Line["attempts"],
  });
  const eggs = line({ id: 3, name: "Eggs", store: "Next time", later: true });
  const { place } = inKitchen(
    <Ingredients next={flour} measure={() => {}} />,
    kitchen({ lines: [flour, milk, eggs], todo: [1] }),
  );
  const lists = [...place.querySelectorAll("h2")].map((head) => [
    head.textContent,
    head.nextElementSibling?.textContent,
  ]);
  expect(lists).toEqual([
    ["What to measure", expect.stringContaining("Flour")],
    ["Finished, in recipe order", expect.stringContaining("In the refrigerator")],
    ["Next time", expect.stringContaining("Eggs")],
  ]);
  expect(lists[0]?.[1]).not.toContain("Covered"); // told once it is measured
});
