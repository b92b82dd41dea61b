import type { Verdict } from "../kit/VerdictGlyph";
import CupDrawing from "./CupDrawing";

export default function BigCup(props: { verdict: Verdict; tolerances: number }) {
  return (
    <>
      <CupDrawing name="cup-t" {...props} />
      <CupDrawing name="cup-p" {...props} />
    </>
  );
}
