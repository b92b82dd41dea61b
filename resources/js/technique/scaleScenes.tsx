import type { ReactNode } from "react";
import type { Food } from "./food";
import { Bowl, Falling, Spoon } from "./things";

/** A scale and what its display shows; what stands on it stands higher. */
function OnScale({ shows, children }: { shows: string; children?: ReactNode }) {
  return (
    <>
      <path
        d="M60 132H260L268 176Q268 186 258 186H62Q52 186 52 176Z"
        fill="var(--color-base-100)"
        stroke="currentColor"
        strokeWidth={4}
        strokeLinejoin="round"
      />
      <rect x={112} y={148} width={96} height={26} fill="var(--wash-strong)" stroke="currentColor" strokeWidth={2} />
      <text x={160} y={168} textAnchor="middle" fontSize={19} fontWeight={700} className="fr" fill="currentColor">
        {shows}
      </text>
      <g transform="translate(0 -28)">{children}</g>
    </>
  );
}

/** What is drawn of working the scale, step by step. */
export const SCALE_SCENES: Record<string, (food: Food) => ReactNode> = {
  "scale-ready": () => (
    <>
      <OnScale shows="0 g" />
      <g className="mv mv-ring" stroke="currentColor" strokeWidth={3} fill="var(--color-base-100)">
        <rect x={104} y={92} width={112} height={28} rx={14} />
        <path d="M148 92V120M172 92V120" />
        <ellipse cx={160} cy={106} rx={9} ry={7} fill="var(--color-accent)" />
      </g>
    </>
  ),
  "zero-bowl": () => (
    <OnScale shows="0 g">
      <Bowl />
    </OnScale>
  ),
  "add-slowly": (food) => (
    <OnScale shows="… g">
      <Bowl food={food} />
      <g className="mv mv-tip">
        <Spoon x={150} y={60} tilt={-18} food={food} />
      </g>
      <Falling at={[114, 76]} count={4} />
    </OnScale>
  ),
  "take-out": (food) => (
    <OnScale shows="… g">
      <Bowl food={food} />
      <g className="mv mv-lift">
        <Spoon x={146} y={84} tilt={0} food={food} />
      </g>
      <path d="M60 92V40M50 52l10 -12l10 12" stroke="currentColor" strokeWidth={3.5} strokeLinecap="round" />
    </OnScale>
  ),
  weigh: (food) => (
    <OnScale shows="g">
      <Bowl food={food} />
    </OnScale>
  ),
};
