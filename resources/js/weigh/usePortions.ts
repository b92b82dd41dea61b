import { store, useStored } from "../kit/useStored";

type Portions = { total: string; count: string; pieces: string[] };
const FIRST: Portions = { total: "", count: "12", pieces: [] };

function read(text: string | null): Portions {
  try {
    return { ...FIRST, ...JSON.parse(text ?? "{}") };
  } catch {
    return FIRST;
  }
}

/** A batch being shared out in this tab, through a reload; another lab begins anew. */
export function usePortions(lab: number | undefined): [Portions, (change: Partial<Portions>) => void] {
  const key = `hovik.portions.${lab}`;
  const portions = read(useStored(sessionStorage, key));
  return [
    portions,
    (change) => store(sessionStorage, key, JSON.stringify({ ...read(sessionStorage.getItem(key)), ...change })),
  ];
}
