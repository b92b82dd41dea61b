import { act } from "react";
import { afterEach, beforeAll, describe, expect, it, vi } from "vitest";
import { learn, startWords } from "../../resources/js/i18n/i18n";
import WordsPage from "../../resources/js/words/WordsPage";
import type { Wording } from "../../resources/js/words/words";
import { page, refusal } from "./page";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
});
afterEach(() => void vi.unstubAllGlobals());

const one = (id: string, kind: Wording["kind"], seeded: string, own: string | null = null): Wording => ({
  id,
  kind,
  seeded,
  own,
  longest: 60,
});
const wordings = [
  one("step.loosen", "step", "Stir to loosen it", "Fluff it up"),
  one("step.sift", "step", "Sift it onto paper first"),
  one("step.loosen.why", "reason", "It settles in the bin."),
];

describe("a kitchen's own words", () => {
  it("stand by kind, those that are ours marked with what they were", async () => {
    const screen = await page(<WordsPage wordings={wordings} />);
    expect(screen.all("h2")).toEqual(["Steps", "Reasons"]);
    expect(screen.all(".wording p")).toEqual([
      "Fluff it up oursIt was: Stir to loosen it",
      "Sift it onto paper first",
      "It settles in the bin.",
    ]);
  });

  it("are found by any word of them, old or new, and by what they are about", async () => {
    const screen = await page(<WordsPage wordings={wordings} />);
    screen.type("Find a sentence", "fluff");
    expect(screen.all(".wording p")).toHaveLength(1);
    screen.type("Find a sentence", "loosen");
    expect(screen.all(".wording p")).toHaveLength(2);
    screen.type("Find a sentence", "no such thing");
    expect(screen.text()).toContain("No sentence has these words.");
    screen.type("Find a sentence", "");
    act(() => screen.place.querySelector<HTMLInputElement>("input[type=checkbox]")?.click());
    expect(screen.all(".wording p")).toHaveLength(1);
  });

  it("are written over in place, and a refusal stands beside what was typed", async () => {
    const screen = await page(<WordsPage wordings={wordings} />, {
      "PUT /api/wordings/step.sift": refusal({ text: "Write it without curly brackets." }),
    });
    await screen.press("Change: Sift it onto paper first");
    expect(screen.box("Say it so").value).toBe("Sift it onto paper first");
    screen.type("Say it so", "Sift {it}");
    await screen.press("Save");
    expect(screen.wrong()).toEqual(["Write it without curly brackets."]);
    expect(screen.box("Say it so").value).toBe("Sift {it}");
    await screen.press("Leave it");
    expect(document.activeElement?.getAttribute("aria-label")).toBe("Change: Sift it onto paper first");
  });

  it("are put back by one tap", async () => {
    const screen = await page(<WordsPage wordings={wordings} />);
    await screen.press("Use Hovik's words again: Fluff it up");
    expect(screen.changes().map(({ asked }) => asked)).toEqual(["DELETE /api/wordings/step.loosen"]);
  });
});
