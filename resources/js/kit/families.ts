import type { Body } from "../api/query";

/** The families of foods, in the craft's order. */
export const FAMILIES: Body<"post", "/api/pantry">["family"][] = [
  "fine-powder",
  "granular-sugar",
  "moist-sugar",
  "leavener-spice",
  "coarse-grain",
  "pieces",
  "shredded",
  "solid-fat",
  "nut-butter",
  "thin-liquid",
  "oil",
  "viscous-liquid",
  "thick-dairy-puree",
  "counted",
  "whole-irregular",
];
