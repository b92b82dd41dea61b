import { FILLING_SCENES } from "./fillingScenes";
import { foodOf } from "./food";
import { READING_SCENES } from "./readingScenes";
import { SCALE_SCENES } from "./scaleScenes";

type Props = { step: string; family: string; tool: string | null; moves?: boolean };

const SCENES = { ...FILLING_SCENES, ...READING_SCENES, ...SCALE_SCENES };

/** One step, drawn in section. Beside its words, so hidden from screen readers. */
export default function StepDrawing({ step, family, tool, moves = false }: Props) {
  const food = foodOf(family, tool);
  const scene = SCENES[step];
  if (!scene) return null;
  return (
    <svg
      className={`step-drawing food-${food.look} ${moves ? "moves" : ""}`}
      viewBox="0 -20 320 216"
      fill="none"
      aria-hidden
    >
      <defs>
        <pattern id={food.grain} width={food.apart} height={food.apart} patternUnits="userSpaceOnUse">
          <circle cx={food.apart / 4} cy={food.apart / 4} r={food.dot} fill="currentColor" />
          <circle cx={(3 * food.apart) / 4} cy={(3 * food.apart) / 4} r={food.dot} fill="currentColor" />
        </pattern>
      </defs>
      {scene(food)}
    </svg>
  );
}
