import { act, useState } from "react";
import { beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { learn, speak, startWords } from "../../resources/js/i18n/i18n";
import Field from "../../resources/js/kit/Field";
import Keypad from "../../resources/js/kit/Keypad";
import KitchenFraction from "../../resources/js/kit/KitchenFraction";
import LevelStrip from "../../resources/js/kit/LevelStrip";
import SendButton from "../../resources/js/kit/SendButton";
import ToolRow from "../../resources/js/kit/ToolRow";
import { useFocusKept } from "../../resources/js/kit/useFocusKept";
import { store, useStored } from "../../resources/js/kit/useStored";
import VerdictGlyph, { lift, surface } from "../../resources/js/kit/VerdictGlyph";
import { render } from "./render";

beforeAll(async () => {
  await startWords();
  await learn("bench");
});
beforeEach(async () => {
  localStorage.clear();
  await speak("en");
});

const named = (place: HTMLElement, name: string) =>
  [...place.querySelectorAll("button")].find((one) => (one.getAttribute("aria-label") ?? one.textContent) === name) ??
  expect.fail(`there is no ${name}`);
const press = (place: HTMLElement, name: string) => act(() => named(place, name).click());

function Pad({ decimals, longest = 8 }: { decimals: number; longest?: number }) {
  const [value, setValue] = useState("");
  return (
    <>
      <output>{value}</output>
      <Keypad onChange={setValue} decimals={decimals} longest={longest} />
    </>
  );
}

function Kept({ of }: { of: string }) {
  return <b>{useStored(localStorage, of) ?? "nothing"}</b>;
}

function List({ items }: { items: string[] }) {
  const head = useFocusKept<HTMLHeadingElement>(items.length);
  return (
    <>
      <h2 ref={head} tabIndex={-1}>
        Lines
      </h2>
      {items.map((item) => (
        <button key={item} type="button">
          {item}
        </button>
      ))}
    </>
  );
}

describe("the keypad", () => {
  const typed = (keys: string[], decimals: number, longest?: number) => {
    const { place } = render(<Pad decimals={decimals} {...(longest ? { longest } : {})} />);
    for (const key of keys) press(place, key);
    return place.querySelector("output")?.textContent;
  };
  const POINT = "Decimal point";
  const BACK = "Delete the last digit";

  it.each([
    [["2", "1", "9"], 0, "219"],
    [["0", "7"], 0, "7"], // no number begins with 0 but one with a point
    [["0", POINT, "7"], 1, "0.7"],
    [[POINT, "5"], 1, "0.5"],
    [["3", POINT, "1", "4"], 1, "3.1"], // no more decimals than the scale has
    [["3", POINT, POINT, "1"], 2, "3.1"],
    [["4", "2", BACK], 0, "4"],
    [[BACK], 0, ""],
  ])("%j with %d decimals is %s", (keys, decimals, value) => expect(typed(keys, decimals)).toBe(value));

  it("ends at the longest number there is", () => expect(typed(["1", "2", "3", "4"], 0, 3)).toBe("123"));

  it("has no point where the scale has no decimals", () => {
    const { place } = render(<Pad decimals={0} />);
    expect((named(place, POINT) as HTMLButtonElement).disabled).toBe(true);
  });

  it("types a comma in Spanish", async () => {
    await speak("es");
    const { place } = render(<Pad decimals={1} />);
    const point = [...place.querySelectorAll("button")].find((one) => one.textContent === ",");
    press(place, "3");
    act(() => point?.click());
    press(place, "1");
    expect(place.querySelector("output")?.textContent).toBe("3,1");
  });

  it("counts two digits that come before it is drawn again, and not the bounce of a wet thumb", () => {
    const { place } = render(<Pad decimals={0} />);
    const four = named(place, "4");
    act(() => {
      four.click();
      named(place, "3").click();
    });
    expect(place.querySelector("output")?.textContent).toBe("43");
    const touch = (at: number, wide = 10) => {
      const event = new MouseEvent("pointerdown", { bubbles: true });
      Object.defineProperties(event, {
        pointerType: { value: "touch" },
        width: { value: wide },
        height: { value: 10 },
        timeStamp: { value: at },
      });
      act(() => {
        four.dispatchEvent(event);
        four.click();
      });
    };
    touch(1000);
    expect(place.querySelector("output")?.textContent).toBe("434");
    touch(1080); // a bounce
    expect(place.querySelector("output")?.textContent).toBe("434");
    touch(1400, 60); // a sleeve
    expect(place.querySelector("output")?.textContent).toBe("434");
    touch(1800);
    expect(place.querySelector("output")?.textContent).toBe("4344");
  });
});

describe("fractions as a cook writes them", () => {
  const labels = (text: string) => {
    const { place } = render(<KitchenFraction>{text}</KitchenFraction>);
    return [...place.querySelectorAll("[role=img]")].map((one) => one.getAttribute("aria-label"));
  };
  it("are read out", () => {
    expect(labels("1 3/4 cups")).toEqual(["1 and three quarters"]);
    expect(labels("1/2 cup + 1/3 cup")).toEqual(["one half", "one third"]);
    expect(labels("2 cups")).toEqual([]);
    expect(labels("5/7 cup")).toHaveLength(1);
  });
  it("leave the text around them as it is", () => {
    const { place } = render(<KitchenFraction>{"about 1 3/4 cups, sifted"}</KitchenFraction>);
    expect(place.textContent).toBe("about 1\u200A3⁄4 cups, sifted");
  });
});

describe("the cup of a verdict", () => {
  it("is named, or hidden beside words", () => {
    const { place, again } = render(<VerdictGlyph verdict="shy" />);
    expect(place.querySelector("svg")?.getAttribute("aria-label")).toBe("Shy");
    again(<VerdictGlyph verdict="shy" hidden />);
    expect(place.querySelector("svg")?.getAttribute("aria-hidden")).toBe("true");
  });
  it("stands over the rim, under it, or at it; more for more, to a limit", () => {
    expect(lift("level", 3)).toBe(0);
    expect(lift("too-close", 3)).toBe(0);
    expect(lift("heaped", 1)).toBeGreaterThan(0);
    expect(lift("heaped", 2)).toBeGreaterThan(lift("heaped", 1));
    expect(lift("heaped", 90)).toBe(lift("heaped", 900));
    expect(lift("shy", -2)).toBe(-lift("heaped", 2));
  });
  it("has its apex exactly that high", () => {
    // A cubic with both handles a pull above the rim stands 3/4 of it high in its middle.
    const [pull] = /-?\d+(\.\d+)?(?= \d+ \d+$)/.exec(surface(6, 9, 39, 18).replace("C", "")) ?? [];
    expect(18 - 0.75 * (18 - Number(surface(6, 9, 39, 18).split(" ")[1]))).toBeCloseTo(12, 6);
    expect(pull).toBeDefined();
  });
  it("differs by more than colour", () => {
    const drawings = (["level", "heaped", "shy", "too-close", "none", "now"] as const).map((verdict) => {
      const { place } = render(<VerdictGlyph verdict={verdict} />);
      return place.querySelector("svg")?.innerHTML.replace(/var\(--[a-z-]+\)/g, "ink");
    });
    expect(new Set(drawings).size).toBe(6);
  });
});

describe("the strip of readings", () => {
  const strip = (grams: number, verdict: "level" | "heaped" | "shy" | "too-close", earlier: number[] = []) =>
    render(
      <LevelStrip
        targetG={219}
        lowG={208}
        highG={230}
        decimals={0}
        latest={{ grams, decimals: 0, verdict, uncertaintyG: 1 }}
        earlier={earlier.map((one) => ({ grams: one, decimals: 0 }))}
      />,
    ).place;

  it("says all it shows", () => {
    const label = strip(240, "heaped", [260]).querySelector("[role=img]")?.getAttribute("aria-label");
    expect(label).toContain("260");
    expect(label).toMatch(/Weight 240 g, Heaped\./);
    expect(label).toMatch(/Target 219 g, Level from 208 to 230 g\./);
  });
  it.each([0, 1, 120, 219, 260, 900, 5000])("keeps %d g on the strip", (grams) => {
    for (const mark of strip(grams, "heaped", [grams / 2]).querySelectorAll<HTMLElement>("[style*=left]")) {
      const left = Number.parseFloat(mark.style.left);
      expect(left).toBeGreaterThanOrEqual(0);
      expect(left).toBeLessThanOrEqual(100);
    }
  });
  it("puts the target in the middle, and what is over it to the right", () => {
    const at = (grams: number) =>
      Number.parseFloat(strip(grams, "heaped").querySelector<HTMLElement>(".strip-now")?.style.left ?? "");
    expect(at(219)).toBe(50);
    expect(at(240)).toBeGreaterThan(50);
    expect(at(200)).toBeLessThan(50);
  });
});

describe("tools hung from a rim", () => {
  const cup = { kind: "dry-cup", ml: 236.6, count: 1, nominal: "1 cup", mark_ml: null };
  const row = (fills: (typeof cup | { mark_ml: number })[], label = "x") =>
    render(<ToolRow fills={fills as (typeof cup)[]} label={label} />).place.querySelector("svg") as SVGElement;

  it("are drawn once for each fill, to eight", () => {
    expect(row([cup]).querySelectorAll("g")).toHaveLength(1);
    expect(
      row([
        { ...cup, count: 3 },
        { ...cup, kind: "measuring-spoon", ml: 5, nominal: "1 tsp" },
      ]).querySelectorAll("g"),
    ).toHaveLength(4);
    expect(row([{ ...cup, count: 30 }]).querySelectorAll("g")).toHaveLength(8);
  });
  it("hang from more rims where one is full", () => {
    const rims = (count: number) => row([{ ...cup, count }]).querySelectorAll(":scope > path").length;
    expect(rims(1)).toBe(1);
    expect(rims(8)).toBeGreaterThan(1);
  });
  it("are larger for more, and told by name", () => {
    const height = (ml: number) => Number(row([{ ...cup, ml }]).getAttribute("height"));
    expect(height(236.6)).toBeGreaterThan(height(59));
    expect(row([cup], "One fill of the 1 cup measure").getAttribute("aria-label")).toBe(
      "One fill of the 1 cup measure",
    );
    expect(row([cup], "").getAttribute("aria-hidden")).toBe("true");
  });
  it.each([
    "dry-cup",
    "measuring-spoon",
    "liquid-measure",
    "small-liquid-measure",
    "butter-wrapper",
    "graduated-dry-measure",
  ])("have a drawing for a %s without a broken number", (kind) => {
    const svg = row([{ ...cup, kind, mark_ml: kind.includes("liquid") ? 118.3 : null } as typeof cup]);
    expect(svg.outerHTML).not.toMatch(/NaN|undefined|Infinity/);
  });
});

describe("a button that sends", () => {
  it("is off while it works, and keeps the focus", () => {
    const [sent, submitted] = [vi.fn(), vi.fn((event: { preventDefault: () => void }) => event.preventDefault())];
    const form = (isPending: boolean) => (
      <form onSubmit={submitted}>
        <SendButton isPending={isPending} onClick={sent}>
          Make it
        </SendButton>
      </form>
    );
    const { place, again } = render(form(false));
    const button = place.querySelector("button") as HTMLButtonElement;
    button.focus();
    act(() => button.click());
    expect([sent.mock.calls.length, submitted.mock.calls.length]).toEqual([1, 1]);
    again(form(true));
    act(() => button.click());
    expect([sent.mock.calls.length, submitted.mock.calls.length]).toEqual([1, 1]);
    expect(button.getAttribute("aria-disabled")).toBe("true");
    expect(document.activeElement).toBe(button);
  });
});

describe("a field", () => {
  it("says what is wrong right at it, and its hint", () => {
    const { place, again } = render(<Field label="Name" hint="As on the roster" defaultValue="Oona" />);
    const input = place.querySelector("input") as HTMLInputElement;
    const described = () =>
      (input.getAttribute("aria-describedby") ?? "")
        .split(" ")
        .filter(Boolean)
        .map((id) => document.getElementById(id)?.textContent);
    expect(described()).toEqual(["As on the roster"]);
    expect(input.getAttribute("aria-invalid")).toBe("false");
    again(<Field label="Name" hint="As on the roster" problem="Fill this in." defaultValue="Oona" />);
    expect(described()).toEqual(["As on the roster", "Fill this in."]);
    expect(input.getAttribute("aria-invalid")).toBe("true");
    expect(place.querySelector("[role=alert]")?.textContent).toBe("Fill this in.");
  });
});

describe("what the browser keeps", () => {
  it("is the same wherever it is shown, and known at once", () => {
    const { place } = render(
      <>
        <Kept of="a" />
        <Kept of="a" />
        <Kept of="b" />
      </>,
    );
    const shown = () => [...place.querySelectorAll("b")].map((one) => one.textContent);
    expect(shown()).toEqual(["nothing", "nothing", "nothing"]);
    act(() => store(localStorage, "a", "219"));
    expect(shown()).toEqual(["219", "219", "nothing"]);
    act(() => {
      localStorage.setItem("b", "from another tab");
      window.dispatchEvent(new Event("storage"));
    });
    expect(shown()[2]).toBe("from another tab");
    act(() => store(localStorage, "a", null));
    expect(shown()[0]).toBe("nothing");
    expect(localStorage.getItem("a")).toBeNull();
  });
});

it("the focus goes to what stays when what had it is taken away, and is not taken from anybody else", () => {
  const { place, again } = render(<List items={["a", "b"]} />);
  named(place, "b").focus();
  again(<List items={["a"]} />);
  expect(document.activeElement?.textContent).toBe("Lines");
  named(place, "a").focus();
  again(<List items={["a", "c"]} />);
  expect(document.activeElement?.textContent).toBe("a");
});
