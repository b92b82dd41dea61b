import type { ReactNode } from "react";
import { type Food, foodOf } from "./food";
import { Bin, Bowl, Cup, Edge, Falling, Force, Jug, Knife, Paper, Scraper, Spoon, Table } from "./things";

type Props = { step: string; family: string; tool: string | null; moves?: boolean };

/** What is drawn of each step. All things share one scale; what moves carries a class of its own in technique.css. */
const SCENES: Record<string, (food: Food) => ReactNode> = {
  "clean-dry-empty": (food) => (
    <>
      <Cup food={food} full="empty" />
      <g className="mv mv-wipe">
        <path
          d="M112 84q-8 34 8 52q22 14 44 2q16 -22 6 -54q-14 -10 -28 -2q-16 -8 -30 2Z"
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={3}
        />
        <path d="M124 96q4 20 2 34M146 94q2 20 0 38" stroke="currentColor" strokeWidth={1.5} />
      </g>
    </>
  ),
  loosen: (food) => (
    <>
      <Bin food={food} />
      <g className="mv mv-stir">
        <Spoon x={132} y={104} tilt={-62} />
      </g>
      <Falling at={[108, 70]} count={5} />
    </>
  ),
  sift: (food) => (
    <>
      <Paper heap={food} />
      <g className="mv mv-shake">
        <path
          d="M96 36H224L212 100Q210 108 202 108H118Q110 108 108 100Z"
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={4}
          strokeLinejoin="round"
        />
        <path d="M104 66H216V98Q214 106 204 106H116Q108 106 106 98Z" fill="var(--wash-strong)" />
        <path d="M112 108H208" stroke="currentColor" strokeWidth={4} strokeDasharray="3 5" />
        <path d="M224 40H286" stroke="currentColor" strokeWidth={8} strokeLinecap="round" />
      </g>
      <Falling at={[130, 116]} count={9} />
    </>
  ),
  "crush-lumps": (food) => (
    <>
      <Bin food={food} lumps />
      <g className="mv mv-down">
        <Spoon x={150} y={92} tilt={-78} />
      </g>
    </>
  ),
  "over-paper": (food) => (
    <>
      <Paper />
      <Cup food={food} full="heaped" up={12} />
      <Falling at={[84, 168]} count={4} spread={46} />
    </>
  ),
  "spoon-heaped": (food) => (
    <>
      <Cup food={food} full="heaped" />
      <g className="mv mv-tip">
        <Spoon x={128} y={34} tilt={14} food={food} />
      </g>
      <Falling at={[112, 44]} count={4} />
    </>
  ),
  "dip-heaped": (food) => (
    <>
      <Bin food={food} low />
      <g className="mv mv-scoop" transform="rotate(-16 140 100)">
        <Cup food={food} full="heaped" up={26} small />
      </g>
    </>
  ),
  fill: (food) =>
    food.isLiquid || food.isThick ? (
      <>
        <Cup food={food} full="level" />
        <path
          className="mv mv-pour"
          d="M128 8q10 30 8 84"
          stroke="var(--food-ink)"
          strokeWidth={11}
          strokeLinecap="round"
        />
      </>
    ) : (
      <>
        <Cup food={food} full="heaped" />
        <Falling at={[118, 30]} count={7} big />
      </>
    ),
  pack: (food) => (
    <>
      <Cup food={food} full="packed" />
      <g className="mv mv-down">
        <Spoon x={152} y={70} tilt={-84} />
      </g>
      <Force x={96} />
    </>
  ),
  "press-out-air": (food) => (
    <>
      <Cup food={food} full="level" gaps />
      <g className="mv mv-down">
        <Scraper x={134} y={84} tilt={0} />
      </g>
    </>
  ),
  settle: (food) => (
    <>
      <Cup food={food} full="level" />
      <g className="mv mv-across">
        <path
          d="M104 90q-2 -16 12 -18h54q14 0 20 10l8 12q-4 8 -12 6l-10 -8H112Z"
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={3}
          strokeLinejoin="round"
        />
      </g>
    </>
  ),
  "sweep-level": (food) => (
    <>
      <Cup food={food} full="swept" />
      <g className="mv mv-sweep">
        <Edge />
      </g>
    </>
  ),
  "sweep-knife": (food) => (
    <>
      <Cup food={food} full="swept" />
      <g className="mv mv-sweep">
        <Knife x={140} y={88} />
      </g>
    </>
  ),
  "smooth-fingertip": (food) => (
    <>
      <Cup food={food} full="packed" />
      <g className="mv mv-across">
        <path
          d="M150 91q-12 -2 -10 -12l30 -56q10 -12 22 -4t4 22l-36 46q-4 6 -10 4Z"
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={3}
        />
      </g>
    </>
  ),
  "turn-out": (food) => (
    <>
      <Table />
      <path
        d="M86 178L92 118Q94 98 114 98H186Q206 98 208 118L214 178Z"
        fill="var(--food)"
        stroke="currentColor"
        strokeWidth={3}
      />
      <path d="M86 178L92 118Q94 98 114 98H186Q206 98 208 118L214 178Z" fill={`url(#${food.grain})`} opacity={0.5} />
      <g className="mv mv-lift" transform="translate(10 -26) rotate(180 140 134)">
        <Cup food={food} full="empty" up={0} rimless />
      </g>
    </>
  ),
  "return-excess": (food) => (
    <>
      <Bin food={food} low />
      <path
        className="mv mv-tip"
        d="M118 96L212 20L262 44L136 104Z"
        fill="var(--color-base-100)"
        stroke="currentColor"
        strokeWidth={3}
        strokeLinejoin="round"
      />
      <Falling at={[118, 104]} count={5} />
    </>
  ),
  "flat-surface": () => (
    <>
      <Jug level={0} />
      <Table wide />
      <path
        d="M226 150H290M240 142h36v-12h-36ZM258 130v12"
        stroke="currentColor"
        strokeWidth={3}
        fill="var(--wash-strong)"
      />
    </>
  ),
  "pour-near": () => (
    <>
      <Jug level={0.62} />
      <Table wide />
      <path
        className="mv mv-pour"
        d="M96 -2q34 22 40 122"
        stroke="var(--food-ink)"
        strokeWidth={9}
        strokeLinecap="round"
      />
    </>
  ),
  "eye-level": () => (
    <>
      <Jug level={0.68} />
      <Table wide />
      <Eye />
    </>
  ),
  "top-up-curve": () => (
    <>
      <Jug level={0.68} />
      <Table wide />
      <circle cx={248} cy={88} r={58} fill="var(--color-base-100)" stroke="currentColor" strokeWidth={3} />
      <clipPath id="lens">
        <circle cx={248} cy={88} r={56} />
      </clipPath>
      <g clipPath="url(#lens)">
        <path d="M212 20V160" stroke="currentColor" strokeWidth={6} />
        <path className="mv mv-rise" d="M214 70Q232 92 306 92V160H214Z" fill="var(--food)" />
        <path d="M206 92H306" stroke="currentColor" strokeWidth={4} />
      </g>
      <path className="mv mv-drop" d="M140 40q-8 12 0 18q8 -6 0 -18Z" fill="var(--food-ink)" />
    </>
  ),
  "hold-level": (food) => (
    <>
      <Cup food={food} full="level" spoon />
      <path
        className="mv mv-pour"
        d="M118 2q8 40 6 86"
        stroke="var(--food-ink)"
        strokeWidth={7}
        strokeLinecap="round"
      />
      <path d="M36 150H250" stroke="currentColor" strokeWidth={2} strokeDasharray="5 6" />
    </>
  ),
  "oil-tool": (food) => (
    <>
      <Cup food={food} full="empty" film />
      <g className="mv mv-wipe">
        <path
          d="M140 106L196 18M132 112q-6 14 8 20q14 -2 12 -16Z"
          fill="var(--wash-strong)"
          stroke="currentColor"
          strokeWidth={4}
          strokeLinejoin="round"
        />
      </g>
    </>
  ),
  "scrape-out": (food) => (
    <>
      <Bowl food={food} />
      <g transform="rotate(118 150 86) translate(28 22) scale(0.72)">
        <Cup food={food} full="empty" rimless film />
      </g>
      <g className="mv mv-down">
        <Scraper x={176} y={92} tilt={38} />
      </g>
    </>
  ),
  "leave-in-cup": (food) => (
    <>
      <Cup food={food} full="level" />
      <path d="M36 182H280" stroke="currentColor" strokeWidth={7} strokeLinecap="round" />
    </>
  ),
  "crack-apart": () => (
    <>
      <Bowl />
      <path className="mv mv-drop" d="M132 92q6 22 20 24q16 -2 20 -24Z" fill="var(--color-accent)" />
      <g stroke="currentColor" strokeWidth={3} fill="var(--color-base-100)" strokeLinejoin="round">
        <path d="M92 34q-30 26 -2 54q12 8 28 2l-8 -12l10 -12l-10 -12l6 -14q-14 -10 -24 -6Z" />
        <path d="M214 34q30 26 2 54q-12 8 -28 2l8 -12l-10 -12l10 -12l-6 -14q14 -10 24 -6Z" />
      </g>
    </>
  ),
  "check-shell": () => (
    <>
      <Bowl egg />
      <path
        d="M196 134l12 -8l8 10l-10 6Z"
        fill="var(--color-base-100)"
        stroke="currentColor"
        strokeWidth={3}
        strokeLinejoin="round"
      />
      <circle className="mv mv-ring" cx={206} cy={134} r={24} stroke="currentColor" strokeWidth={4} />
      <path d="M223 151L262 186" stroke="currentColor" strokeWidth={8} strokeLinecap="round" />
    </>
  ),
  "cut-at-mark": () => (
    <>
      <path d="M34 104H178V160H38Q34 160 34 156Z" fill="var(--food)" />
      <path
        d="M34 104V156Q34 160 38 160H282Q286 160 286 156V104Z"
        stroke="currentColor"
        strokeWidth={3}
        strokeLinejoin="round"
      />
      {[65.5, 97, 128.5, 160, 191.5, 223, 254.5].map((x) => (
        <path key={x} d={`M${x} 104V122`} stroke="currentColor" strokeWidth={2} />
      ))}
      <g className="mv mv-down">
        <path
          d="M160 18V98L172 104V18Z"
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={3}
          strokeLinejoin="round"
        />
        <path d="M166 18V-14" stroke="currentColor" strokeWidth={12} />
      </g>
      <path d="M160 104V160" stroke="currentColor" strokeWidth={4} />
    </>
  ),
  weigh: (food) => (
    <>
      <path
        d="M60 132H260L268 176Q268 186 258 186H62Q52 186 52 176Z"
        fill="var(--color-base-100)"
        stroke="currentColor"
        strokeWidth={4}
        strokeLinejoin="round"
      />
      <rect x={122} y={148} width={76} height={24} fill="var(--wash-strong)" stroke="currentColor" strokeWidth={2} />
      <text x={160} y={167} textAnchor="middle" fontSize={18} fontWeight={700} className="fr" fill="currentColor">
        g
      </text>
      <g transform="translate(0 -28)">
        <Bowl food={food} />
      </g>
    </>
  ),
};

/** The eye on the line: it comes down from above. */
function Eye() {
  return (
    <g className="mv mv-eye">
      <path d="M56 96H100" stroke="currentColor" strokeWidth={2} strokeDasharray="3 5" />
      <path d="M14 96Q32 78 52 96Q32 114 14 96Z" fill="var(--color-base-100)" stroke="currentColor" strokeWidth={3.5} />
      <circle cx={36} cy={96} r={7} fill="currentColor" />
    </g>
  );
}

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
