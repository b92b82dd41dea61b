import { useState } from "react";
import Brand from "./Brand";
import Field from "./Field";
import Keypad from "./Keypad";
import KitchenFraction from "./KitchenFraction";
import LevelStrip from "./LevelStrip";
import ScaleDrawing from "./ScaleDrawing";
import ToolRow from "./ToolRow";
import VerdictGlyph, { type Verdict } from "./VerdictGlyph";

const ROW: [Verdict, number][] = [
  ["shy", -8],
  ["shy", -4],
  ["shy", -2],
  ["shy", -1.1],
  ["level", 0],
  ["heaped", 1.1],
  ["heaped", 2],
  ["heaped", 4],
  ["heaped", 8],
  ["too-close", 0],
];
const READINGS = [
  { verdict: "heaped", grams: 239, uncertaintyG: 0.8, earlier: [{ grams: 246, decimals: 0 }] },
  { verdict: "shy", grams: 190, uncertaintyG: 0.8, earlier: [] },
  { verdict: "level", grams: 220, uncertaintyG: 0.8, earlier: [{ grams: 240, decimals: 0 }] },
  { verdict: "too-close", grams: 228, uncertaintyG: 4, earlier: [] },
] as const;

/** Every part of the kit in both themes, for development and tests. */
export default function KitPage() {
  const [grams, setGrams] = useState("38");
  return (
    <main className="grid lg:grid-cols-2">
      {["flour", "cast-iron"].map((theme) => (
        <section key={theme} data-theme={theme} className="grid content-start gap-6 bg-base-100 p-7 text-base-content">
          <Brand />
          <h1 className="display text-[1.5rem] font-bold">{theme}</h1>
          <p className="flex flex-wrap gap-1">
            {ROW.map(([verdict, tolerances]) => (
              <VerdictGlyph key={`${verdict} ${tolerances}`} verdict={verdict} tolerances={tolerances} />
            ))}
            <VerdictGlyph verdict="none" />
            <VerdictGlyph verdict="now" />
          </p>
          {READINGS.map((r) => (
            <LevelStrip
              key={r.verdict}
              targetG={217}
              lowG={206}
              highG={228}
              decimals={0}
              latest={{ ...r, decimals: 0 }}
              earlier={[...r.earlier]}
            />
          ))}
          <p className="running text-[1.5rem]">
            <KitchenFraction>1/8 1/4 1/3 1/2 2/3 3/4 1 3/4 cups, 2 2/3 tsp</KitchenFraction>
          </p>
          <ToolRow
            k={9}
            label="tools"
            fills={[
              { kind: "dry-cup", ml: 236.6, count: 1, nominal: "1 cup", mark_ml: null },
              { kind: "dry-cup", ml: 59.1, count: 1, nominal: "1/4 cup", mark_ml: null },
              { kind: "measuring-spoon", ml: 14.79, count: 1, nominal: "1 tbsp", mark_ml: null },
              { kind: "liquid-measure", ml: 236.6, count: 1, nominal: "1 cup", mark_ml: 177.4 },
            ]}
          />
          <p className="flex flex-wrap gap-3">
            <button type="button" className="btn btn-primary">
              Open the lab
            </button>
            <button type="button" className="btn btn-outline">
              Look back
            </button>
            <button type="button" className="btn btn-now">
              Settle it
            </button>
            <button type="button" className="btn btn-primary" disabled>
              Not yet
            </button>
          </p>
          <Field label="Class code" hint="Six letters" problem="No class has that code." defaultValue="BUNSAN" />
          <p className="readout text-[4rem]">{grams} g</p>
          <Keypad onChange={setGrams} decimals={1} />
          <ScaleDrawing label="A bowl on the scale" reads="0 g" />
        </section>
      ))}
    </main>
  );
}
