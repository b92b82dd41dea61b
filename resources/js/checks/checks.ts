import { useMemo } from "react";
import { ulid } from "ulid";
import type { Schemas } from "../api/client";
import { store, useStored } from "../kit/useStored";

export type CheckTools = Schemas["CheckTools"];
export type ToolToCheck = CheckTools["tools"][number];
export type Result = Schemas["ToolCheckResult"];

/** Weighings that are asked before anything is said. */
export const LEAST = 3;

/**
 * A water check being made on this device, kept through a reload: which tool, what was weighed so far. Its ULID is made with it, so that
 * it is one check however often it is sent.
 */
export type Draft = {
  id: string;
  kind?: string;
  /** the line it is filled to; null: its rim */
  mark?: string | null;
  place?: string | null;
  name?: string;
  faults: ToolToCheck["points"][number]["id"][];
  scale?: number | undefined;
  student?: number | undefined;
  readings: string[];
  /** what is being typed */
  typed: string;
  water: string;
  degrees: "C" | "F";
  step: "pick" | "fill" | "weigh" | "temperature" | "result";
};

const KEY = "hovik.water-check";
export const begun = (more: Partial<Draft> = {}): Draft => ({
  id: ulid(),
  faults: [],
  readings: [],
  typed: "",
  water: "",
  degrees: "C",
  step: "pick",
  ...more,
});

function read(text: string | null): Draft {
  try {
    const kept = JSON.parse(text ?? "null");
    return kept && typeof kept.id === "string" && Array.isArray(kept.readings) ? { ...begun(), ...kept } : begun();
  } catch {
    return begun();
  }
}

export const keepDraft = (draft: Draft | null) =>
  store(sessionStorage, KEY, draft === null ? null : JSON.stringify(draft));

export function useDraft(): [Draft, (change: Partial<Draft>) => void] {
  const text = useStored(sessionStorage, KEY);
  const draft = useMemo(() => read(text), [text]);
  return [draft, (change) => keepDraft({ ...read(sessionStorage.getItem(KEY) ?? JSON.stringify(draft)), ...change })];
}

/** What is drawn of a tool. */
export const drawn = (tool: { kind: string; ml: number; nominal: string }, mark: number | null = null) => ({
  kind: tool.kind,
  ml: tool.ml,
  count: 1,
  nominal: tool.kind === "dry-cup" || tool.kind === "novelty-scoop" ? tool.nominal : "",
  mark_ml: mark,
});

/** The fill that is meant: a jug's topmost cup line where none was picked. */
export function fillOf(tool: ToolToCheck, mark: string | null | undefined) {
  return tool.fills.find((one) => one.mark === (mark ?? null)) ?? tool.fills[tool.fills.length - 1];
}
