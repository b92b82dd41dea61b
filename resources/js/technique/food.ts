/** How a family's food looks in a drawing: its ground is a token of technique.css, its grain a pattern of dots. */
export type Food = {
  look: "powder" | "grain" | "moist" | "piece" | "liquid" | "thick";
  isLiquid: boolean;
  isThick: boolean;
  isSpoon: boolean;
  /** px between grains, and their radius */
  apart: number;
  dot: number;
  grain: string;
};

const LOOKS: Record<string, Food["look"]> = {
  "fine-powder": "powder",
  "granular-sugar": "grain",
  "moist-sugar": "moist",
  "leavener-spice": "powder",
  "coarse-grain": "grain",
  pieces: "piece",
  shredded: "piece",
  "solid-fat": "thick",
  "nut-butter": "thick",
  "thin-liquid": "liquid",
  oil: "liquid",
  "viscous-liquid": "thick",
  "thick-dairy-puree": "thick",
  counted: "thick",
  "whole-irregular": "piece",
};
const GRAIN: Record<Food["look"], [number, number]> = {
  powder: [9, 1],
  grain: [12, 1.7],
  moist: [8, 1.8],
  piece: [26, 5],
  liquid: [400, 0],
  thick: [400, 0],
};

export function foodOf(family: string, tool: string | null): Food {
  const look = LOOKS[family] ?? "powder";
  const [apart, dot] = GRAIN[look];
  return {
    look,
    isLiquid: look === "liquid",
    isThick: look === "thick",
    isSpoon: tool === "measuring-spoon",
    apart,
    dot,
    grain: `food-${look}`,
  };
}
