import { act } from "react";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import i18n, { learn, respelled, speak, spell, startWords } from "../../resources/js/i18n/i18n";
import CraftWords from "../../resources/js/weigh/CraftWords";
import ReadAloud from "../../resources/js/weigh/ReadAloud";
import VoiceChoice from "../../resources/js/weigh/VoiceChoice";
import { page } from "./page";

beforeAll(async () => {
  await startWords();
  await learn("teacher");
});
beforeEach(() => speak("en"));
afterEach(async () => {
  vi.unstubAllGlobals();
  sessionStorage.clear();
  await spell(null);
});

const BRITISH = { "liquid measuring cup": "measuring jug", leveled: "levelled", color: "colour" };

describe("a British school", () => {
  it("has other words in the same sentences, a capital where there was one, and never in what is filled in", () => {
    const book = { a: "Leveled in the liquid measuring cup", b: { c: "{{color}} of Color, colorless" } };
    expect(respelled(book, BRITISH)).toEqual({
      a: "Levelled in the measuring jug",
      b: { c: "{{color}} of Colour, colorless" },
    });
  });

  it("is spelled so once it is known, whatever is on the screen, and not in Spanish", async () => {
    const said = () => i18n.t("toolKind.liquid-measure");
    const us = said();
    await spell({ [us.toLowerCase()]: "measuring jug" });
    expect(said().toLowerCase()).toBe("measuring jug");
    await speak("es");
    const spanish = said();
    await spell(null);
    expect(said()).toBe(spanish);
    await speak("en");
    expect(said()).toBe(us);
  });
});

describe("words of the craft", () => {
  it("are explained where they stand on the screen, and only there", async () => {
    const screen = await page(<CraftWords texts={["Level it with a straight edge.", null, "Fill 1 of 3"]} />);
    expect(screen.all("button")).toEqual(['What is "level"?', 'What is "fill"?']);
    expect(screen.all("[popover]")[0]).toContain("full to the rim");
    expect((await page(<CraftWords texts={["Lever it up; an awful skill."]} />)).all("button")).toEqual([]);
  });

  it("are explained in Spanish, too", async () => {
    await speak("es");
    const screen = await page(<CraftWords texts={["Rásala con la espátula recta: al ras."]} />);
    expect(screen.all("button")).toEqual(["¿Qué es «al ras»?"]);
  });
});

describe("reading aloud", () => {
  const voice = () => {
    const said: string[] = [];
    vi.stubGlobal(
      "SpeechSynthesisUtterance",
      class {
        lang = "";
        constructor(public text: string) {}
      },
    );
    vi.stubGlobal("speechSynthesis", {
      cancel: () => undefined,
      speak: (one: { text: string; lang: string }) => said.push(`${one.lang}: ${one.text}`),
    });
    return said;
  };
  const screen = (step: string) => (
    <>
      <VoiceChoice />
      <ReadAloud />
      <main>
        <h1>Flour, 1 cup</h1>
        <p data-aloud>{step}</p>
        <p>Small print.</p>
      </main>
    </>
  );

  it("is off until somebody wants it; then it reads what comes, each new step once, and again at a tap", async () => {
    const said = voice();
    const shown = await page(screen("Stir it."));
    expect(said).toEqual([]);
    await shown.press("Read out loud");
    expect(said).toEqual(["en: Flour, 1 cup. Stir it."]);
    await shown.again(screen("Stir it."));
    expect(said).toHaveLength(1);
    await shown.again(screen("Spoon it in."));
    await shown.press("Read it to me");
    expect(said.slice(1)).toEqual(["en: Flour, 1 cup. Spoon it in.", "en: Flour, 1 cup. Spoon it in."]);
    act(() => shown.button("Read out loud").click());
    await shown.again(screen("Level it."));
    expect(said).toHaveLength(3);
  });

  it("is not offered where the browser has no voice", async () => {
    vi.stubGlobal("speechSynthesis", undefined);
    Reflect.deleteProperty(window, "speechSynthesis");
    expect((await page(<VoiceChoice />)).all("button")).toEqual([]);
  });
});
