import { Outlet, Route, Routes } from "react-router";
import { beforeAll, beforeEach, describe, expect, it } from "vitest";
import { speak, startWords } from "../../resources/js/i18n/i18n";
import EqualPortions from "../../resources/js/weigh/EqualPortions";
import { page, refusal } from "./page";
import { json } from "./render";

beforeAll(() => startWords());
beforeEach(() => {
  sessionStorage.clear();
  return speak("en");
});

describe("equal portions", () => {
  const worked = {
    each_g: 100,
    decimals: 0,
    low_g: 95,
    high_g: 105,
    band_decimals: 0,
    pieces: [] as { grams: number; verdict: string }[],
    rest_g: null as number | null,
    rest_decimals: 0,
  };
  const at = (kitchen: unknown) => (
    <Routes>
      <Route path="/" element={<Outlet context={{ kitchen, isLive: true }} />}>
        <Route index element={<EqualPortions />} />
      </Route>
    </Routes>
  );

  it("says what each piece weighs, then how each is, and what is left for the rest", async () => {
    const screen = await page(at({ scales: [{ id: 4, name: "Table left" }] }), {
      "POST /api/work/portions": ({ body }: { body: unknown }) => {
        const { pieces } = body as { pieces: number[] };
        const weighed = pieces.map((grams) => ({ grams, verdict: grams > 105 ? "heaped" : "level" }));
        return json(200, { ...worked, pieces: weighed, rest_g: pieces.length > 0 ? 98 : null });
      },
    });
    screen.type("The whole batch weighs, g", "1200");
    await screen.press("Calculate");
    expect(screen.all(".portions-each")).toEqual(["Each piece: 100 g (95 to 105 g)"]);
    screen.type("Piece 1 weighs, g", "120,5");
    await screen.press("Check it");
    expect(screen.all("ol li")).toEqual(["120.5 gtoo heavy: take some off"]);
    expect(screen.text()).toContain("For each of the rest: 98 g");
    expect(screen.changes().map(({ body }) => body)).toEqual([
      { total_g: "1200", count: 12, scale_id: 4, pieces: [] },
      { total_g: "1200", count: 12, scale_id: 4, pieces: [120.5] },
    ]);
  });

  it("goes on where it was after a reload, on the scale that was tapped", async () => {
    const scales = [
      { id: 4, name: "Table left", step: 1, decimals: 0 },
      { id: 5, name: "Fine", step: 0.1, decimals: 1 },
    ];
    const answers = {
      "POST /api/work/portions": ({ body }: { body: unknown }) => {
        const { pieces } = body as { pieces: number[] };
        return json(200, { ...worked, pieces: pieces.map((grams) => ({ grams, verdict: "level" })) });
      },
    };
    const before = await page(at({ lab: { id: 2 }, scales }), answers);
    before.type("The whole batch weighs, g", "1200");
    before.type("Pieces", "8");
    await before.press("Finecounts by 0.1 g");
    await before.press("Calculate");
    before.type("Piece 1 weighs, g", "150");
    await before.press("Check it");
    const after = await page(at({ lab: { id: 2 }, scales }), answers);
    expect(after.all("ol li")).toEqual(["150 gas it should be"]);
    expect(after.box("Pieces").value).toBe("8");
    expect(after.changes().map(({ body }) => body)).toEqual([
      { total_g: "1200", count: 8, scale_id: 5, pieces: [150] },
    ]);
    const other = await page(at({ lab: { id: 3 }, scales }), answers);
    expect([other.all("ol li"), other.box("The whole batch weighs, g").value]).toEqual([[], ""]);
  });

  it("says beside the box what cannot be shared out", async () => {
    const screen = await page(at({ scales: [] }), {
      "POST /api/work/portions": refusal({ total_g: "From 1 to 20000." }),
    });
    await screen.press("Calculate");
    expect(screen.wrong()).toEqual(["From 1 to 20000."]);
  });
});
