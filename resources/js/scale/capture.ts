import type { Report } from "./report";

/** So many equal stable reports running before a reading may be taken. */
const STEADY = 4;

export type Look = {
  report: Report | null;
  /** g, where it may be taken now */
  take: number | null;
  /** why not, or what to mind */
  says: "off" | "moving" | "over" | "under" | "fault" | "unit" | "empty" | "tare" | "steady";
};

/**
 * Watches the reports of a scale and says when a reading may be taken. From their history it notices a bowl that was never tared: it
 * stood still with something on it, more came, and it was never at zero in between.
 */
export class Capture {
  private same = 0;
  private last: number | null = null;
  private plateaus: number[] = [];

  look(report: Report | null): Look {
    if (report === null) {
      this.same = 0;
      this.plateaus = [];
      return { report, take: null, says: "off" };
    }
    const { status, grams } = report;
    if (status === "zero") this.plateaus = [];
    this.same = status === "stable" && grams === this.last ? this.same + 1 : 0;
    this.last = grams;
    if (status === "over" || status === "under") return { report, take: null, says: status };
    if (grams === null) return { report, take: null, says: report.unit === "?" ? "unit" : "fault" };
    if (status === "zero") return { report, take: null, says: "empty" };
    if (this.same < STEADY - 1) return { report, take: null, says: "moving" };
    if (this.plateaus[this.plateaus.length - 1] !== grams) this.plateaus.push(grams);
    const rose =
      this.plateaus.length > 1 && this.plateaus.every((one, i) => i === 0 || one > (this.plateaus[i - 1] ?? 0));
    if (report.unit !== "g") return { report, take: grams, says: "unit" };
    return { report, take: grams, says: rose ? "tare" : "steady" };
  }
}
