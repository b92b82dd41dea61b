import type { ReactNode } from "react";
import type { Food } from "./food";
import { Bin, Cup, Edge, Falling, Force, Knife, Paper, Scraper, Spoon, Table } from "./things";

/** What is drawn of filling and levelling. All things share one scale; what moves carries a class of its own in technique.css. */
export const FILLING_SCENES: Record<string, (food: Food) => ReactNode> = {
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
  "discard-excess": () => (
    <>
      <path d="M52 112L68 192H168L184 112" stroke="currentColor" strokeWidth={4} strokeLinejoin="round" />
      <path d="M92 112L98 192M144 112L138 192" stroke="currentColor" strokeWidth={2} />
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
};
