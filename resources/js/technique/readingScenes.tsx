import type { ReactNode } from "react";
import Eye from "./Eye";
import type { Food } from "./food";
import { Bowl, Cup, Jug, Scraper, Table } from "./things";

/** What is drawn of reading, emptying and cracking. All things share one scale; what moves carries a class of its own in technique.css. */
export const READING_SCENES: Record<string, (food: Food) => ReactNode> = {
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
  "read-above": () => (
    <>
      <Jug level={0.6} />
      <Table wide />
      <path
        d="M118 176L186 62M126 148l16 9M140 124l16 9M154 101l16 9M168 77l16 9"
        stroke="currentColor"
        strokeWidth={3}
      />
      <g transform="translate(156 4) rotate(90) translate(-36 -96)">
        <Eye />
      </g>
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
};
