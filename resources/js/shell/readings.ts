type Reading = { grams: string; report: string };

const listeners = new Set<(reading: Reading) => void>();

/** A reading of the weighing table's scale, out of the station's stream of facts. */
export const tellReading = (fact: { what: string; grams?: string; report?: string }) => {
  if (fact.what !== "reading" || fact.grams === undefined || fact.report === undefined) return false;
  for (const listener of listeners) listener({ grams: fact.grams, report: fact.report });
  return true;
};

/** Whoever has a line open at the scale. */
export const readingsFor = (listener: (reading: Reading) => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
