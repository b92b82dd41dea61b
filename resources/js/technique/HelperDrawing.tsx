import type { ReactNode } from "react";
import { Bowl, Edge, Paper, Scraper } from "./things";

const ink = { stroke: "currentColor", strokeWidth: 4, strokeLinejoin: "round", strokeLinecap: "round" } as const;

const DRAWINGS: Record<string, () => ReactNode> = {
  scale: () => (
    <>
      <path d="M60 112H260" {...ink} strokeWidth={8} />
      <path d="M60 132H260L268 176Q268 186 258 186H62Q52 186 52 176Z" {...ink} />
      <rect x={112} y={148} width={96} height={26} fill="var(--wash-strong)" stroke="currentColor" strokeWidth={2} />
      <text x={160} y={168} textAnchor="middle" fontSize={19} fontWeight={700} className="fr" fill="currentColor">
        0 g
      </text>
    </>
  ),
  "straight-edge": () => (
    <g transform="translate(0 60)">
      <path d="M40 92H280" {...ink} />
      <Edge />
    </g>
  ),
  sifter: () => (
    <g transform="translate(-10 50)">
      <path d="M96 36H224L212 100Q210 108 202 108H118Q110 108 108 100Z" {...ink} />
      <path d="M112 108H208" stroke="currentColor" strokeWidth={4} strokeDasharray="3 5" />
      <path d="M224 40H286" {...ink} strokeWidth={8} />
    </g>
  ),
  scraper: () => (
    <g transform="translate(0 30)">
      <Scraper x={150} y={120} tilt={-30} />
    </g>
  ),
  paper: () => (
    <>
      <Paper />
      <g transform="translate(12 -34)">
        <Paper />
      </g>
    </>
  ),
  "small-bowl": () => (
    <g transform="translate(60 74) scale(0.62)">
      <Bowl egg />
    </g>
  ),
  mug: () => (
    <>
      <path d="M104 84H208V172Q208 186 194 186H118Q104 186 104 172Z" {...ink} />
      <path d="M208 104h20q18 0 18 18v18q0 18 -18 18h-20" {...ink} />
      <path d="M70 190L262 70" {...ink} stroke="var(--color-error)" strokeWidth={6} />
    </>
  ),
};

/** What helps beside the measuring tools, drawn in section; its name stands above it, so hidden from screen readers. */
export default function HelperDrawing({ id }: { id: string }) {
  return (
    <svg className="helper-drawing" viewBox="20 40 280 160" fill="none" aria-hidden>
      {DRAWINGS[id]?.()}
    </svg>
  );
}
