/**
 * A scale's data report, by the USB HID usage tables for weighing devices (usage page 0x8D): status, unit, a power of ten and a
 * count of it, low byte first.
 */
export const USAGE_PAGE = 0x8d;
export const REPORT_ID = 3;

/** By number, as the usage page lists them. */
const STATUS = ["", "fault", "zero", "moving", "stable", "under", "over", "calibrate", "rezero"] as const;
export type Status = Exclude<(typeof STATUS)[number], "">;

const UNITS: Record<number, { name: string; grams: number }> = {
  1: { name: "mg", grams: 0.001 },
  2: { name: "g", grams: 1 },
  3: { name: "kg", grams: 1000 },
  11: { name: "oz", grams: 28.349523125 },
  12: { name: "lb", grams: 453.59237 },
};
export type UnitName = "mg" | "g" | "kg" | "oz" | "lb";

export type Report = {
  status: Status;
  unit: string;
  /** as the display shows it, with its decimals */
  shown: string;
  /** null where the display means no weight: over, under, a fault, an unknown unit */
  grams: number | null;
  /** its bytes, two figures each: with them a weight counts as the scale's */
  bytes: string;
};

const BYTES = 5;

/** Reads a report's bytes; null where they are no weighing report. */
export function decode(bytes: Uint8Array): Report | null {
  if (bytes.length < BYTES) return null;
  const [code = 0, unitCode = 0, exponentByte = 0, low = 0, high = 0] = bytes;
  const status = STATUS[code];
  if (!status) return null;
  const exponent = exponentByte > 127 ? exponentByte - 256 : exponentByte;
  if (exponent < -6 || exponent > 6) return null;
  const count = low + 256 * high;
  const sign = status === "under" ? "\u2212" : "";
  const unit = UNITS[unitCode];
  const value = count * 10 ** exponent;
  const isWeight = (status === "stable" || status === "moving" || status === "zero") && unit !== undefined;
  return {
    status,
    unit: unit?.name ?? "?",
    shown: sign + value.toFixed(Math.max(0, -exponent)),
    grams: isWeight ? Number((value * unit.grams).toFixed(6)) : null,
    bytes: Array.from(bytes.slice(0, BYTES), (byte) => byte.toString(16).padStart(2, "0")).join(""),
  };
}

/** The bytes a scale would send: for the simulated scale, and to try the reading of them. */
export function encode(status: Status, unit: UnitName, exponent: number, count: number): Uint8Array {
  const unitCode = Number(Object.keys(UNITS).find((code) => UNITS[Number(code)]?.name === unit));
  return Uint8Array.of(STATUS.indexOf(status), unitCode, exponent & 0xff, count & 0xff, (count >> 8) & 0xff);
}
