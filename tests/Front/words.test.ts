import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import enBench from "../../resources/js/i18n/en.bench.json";
import enChecks from "../../resources/js/i18n/en.checks.json";
import en from "../../resources/js/i18n/en.json";
import enSchool from "../../resources/js/i18n/en.school.json";
import enTeacher from "../../resources/js/i18n/en.teacher.json";
import esBench from "../../resources/js/i18n/es.bench.json";
import esChecks from "../../resources/js/i18n/es.checks.json";
import es from "../../resources/js/i18n/es.json";
import esSchool from "../../resources/js/i18n/es.school.json";
import esTeacher from "../../resources/js/i18n/es.teacher.json";
import { decimalSign, settleDecimal, shown, signed, tagged } from "../../resources/js/kit/numbers";
import { weight } from "../../resources/js/pantry/weight";

type Words = { [key: string]: string | Words };
function flat(words: Words, path = "", all: Record<string, string> = {}): Record<string, string> {
  for (const [key, value] of Object.entries(words)) {
    if (typeof value === "string") all[path + key] = value;
    else flat(value, `${path}${key}.`, all);
  }
  return all;
}
/** One, other, many, a few: each language has its own; the ordinals have theirs. */
const singular = (key: string) => key.replace(/_(ordinal_)?(zero|one|two|few|many|other)$/, "");
const holes = (text: string) => [...new Set([...text.matchAll(/\{\{(\w+)\}\}/g)].map((hole) => hole[1]))].sort();

describe.each([
  ["everybody's", en, es],
  ["the teacher's", enTeacher, esTeacher],
  ["the school's", enSchool, esSchool],
  ["the bench's", enBench, esBench],
  ["those of checks", enChecks, esChecks],
] as const)("%s words", (_, english, spanish) => {
  const [one, other] = [flat(english as Words), flat(spanish as Words)];

  it("say the same things in both languages", () => {
    const keys = (words: Record<string, string>) => [...new Set(Object.keys(words).map(singular))].sort();
    expect(keys(other)).toEqual(keys(one));
  });

  it("are never empty, and have no space too many", () => {
    for (const words of [one, other]) {
      for (const [key, text] of Object.entries(words)) {
        if (singular(key) === key) expect(text.trim(), key).not.toBe(""); // a plural may have nothing to say of one
        expect(text, key).not.toMatch(/ {2}|\{\{[^}]*$/);
      }
    }
  });

  it("leave the same places for names and numbers", () => {
    for (const [key, text] of Object.entries(one)) {
      // Where 'one' is said with a word, the number itself may go.
      const same = Object.entries(other).filter(([own]) => singular(own) === singular(key));
      const places = new Set(same.flatMap(([, said]) => holes(said)));
      for (const hole of holes(text)) expect(places, `${key}: {{${hole}}}`).toContain(hole);
    }
  });
});

describe("numbers as people read them", () => {
  it.each([
    [219, 0, "en", "219"],
    [218.75, 1, "en", "218.8"],
    [218.75, 1, "es", "218,8"],
    [3, 2, "en", "3.00"],
    [12345.6, 1, "en", "12345.6"],
    [-4.6, 1, "en", "\u22124.6"],
    [-4.6, 1, "es", "\u22124,6"],
    [0, 1, "en", "0.0"],
  ])("%d with %d decimals in %s", (number, decimals, language, text) =>
    expect(shown(number, decimals, language)).toBe(text),
  );

  it.each([
    [10.14, 1, "en", "+10.1"],
    [-4.6, 1, "en", "\u22124.6"],
    [-4.6, 1, "es", "\u22124,6"],
    [0.04, 1, "en", "0.0"],
    [-0.04, 1, "en", "0.0"],
    [0.06, 1, "en", "+0.1"],
  ])("%d signed with %d decimals in %s", (number, decimals, language, text) =>
    expect(signed(number, decimals, language)).toBe(text),
  );

  it.each([
    [125, "en", "125"],
    [130.5, "en", "130.5"],
    [130.5, "es", "130,5"],
    [6, "en", "6.00"],
    [0.3125, "en", "0.31"],
    [null, "en", ""],
  ])("a weight of %s in %s", (grams, language, text) => expect(weight(grams, language)).toBe(text));
});

describe("the decimal sign", () => {
  afterEach(() => {
    vi.unstubAllGlobals();
    settleDecimal(null);
  });

  it.each([
    [["es-MX", "es"], "es", "12.5"],
    [["es-ES"], "es", "12,5"],
    [["es-AR", "en-US"], "es", "12,5"],
    [["en-US", "en"], "es", "12.5"], // a school's own device, spoken to in Spanish
    [["en-US", "es-ES"], "es", "12,5"],
    [["de-DE"], "en", "12,5"],
    [["en-GB"], "en", "12.5"],
    [["en"], "es", "12,5"], // no region: the language's own
    [[], "en", "12.5"],
  ])("of a device of %j in %s", (languages, language, text) => {
    vi.stubGlobal("navigator", { languages });
    expect(shown(12.5, 1, language)).toBe(text);
    expect(tagged(language)).toMatch(text.includes(",") ? /-(ES|DE)$/ : /-US$/);
  });

  it("is the class's, where the class has settled one", () => {
    vi.stubGlobal("navigator", { languages: ["es-MX"] });
    settleDecimal("comma");
    expect([shown(12.5, 1, "es"), tagged("es"), signed(-2.5, 1, "en")]).toEqual(["12,5", "es-ES", "\u22122,5"]);
    settleDecimal("point");
    expect(decimalSign("es")).toBe(".");
  });
});

describe("the language of this browser", () => {
  beforeEach(() => {
    vi.resetModules();
    localStorage.clear();
  });
  afterEach(() => vi.unstubAllGlobals());
  const starts = async (languages: string[]) => {
    vi.stubGlobal("navigator", { languages, language: languages[0] });
    const words = await import("../../resources/js/i18n/i18n");
    await words.startWords();
    return words;
  };

  it.each([
    [["en-US", "en"], "en"],
    [["es-MX", "en"], "es"],
    [["es-ES"], "es"],
    [["en-US", "es-MX"], "en"],
    [["fr-FR", "es-ES"], "es"],
    [["fr-FR"], "en"],
  ])("%j begins in %s", async (languages, language) => {
    const { default: i18n } = await starts(languages);
    expect(i18n.language).toBe(language);
    expect(document.documentElement.lang).toBe(language);
    expect(i18n.t("verdict.shy")).toBe(language === "en" ? "Shy" : "Escaso");
  });

  it("is what was chosen here before", async () => {
    localStorage.setItem("hovik.language", "es");
    expect((await starts(["en-US"])).default.language).toBe("es");
  });

  it("is changed and remembered, with the words a screen has learned", async () => {
    const { default: i18n, learn, speak } = await starts(["en-US"]);
    await learn("teacher");
    expect(i18n.t("pantry.ours")).toBe(enTeacher.pantry.ours);
    await speak("es");
    expect(i18n.t("pantry.ours")).toBe(esTeacher.pantry.ours);
    expect(i18n.t("verdict.shy")).toBe("Escaso");
    expect(localStorage.getItem("hovik.language")).toBe("es");
    expect(document.documentElement.lang).toBe("es");
  });
});
