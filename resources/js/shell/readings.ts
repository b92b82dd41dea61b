type Reading = { grams: string; report: string };

const listeners = new Set<(reading: Reading) => void>();

/** A reading of the weighing table's scale, out of the station's stream of facts. */
export const tellReading = ({ grams = "", report = "" }: { grams?: string; report?: string }) => {
  for (const listener of listeners) listener({ grams, report });
};

/** Whoever has a line open at the scale. */
export const readingsFor = (listener: (reading: Reading) => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
