import type { ScaleLink } from "./link";
import { decode, encode, type Status, type UnitName } from "./report";

type Settings = {
  /** g */
  step: number;
  capacity: number;
  /** g, of one standard deviation, while it is moving */
  noise: number;
  /** ms after which nothing touched it switches itself off */
  autoOff: number;
  seed: number;
};

const REPORT_MS = 100;
const SETTLE_MS = 350;
/** What a weak battery lasts for, untouched. */
const WEAK_OFF_MS = 10_000;
const UNITS: UnitName[] = ["g", "oz", "lb"];
const GRAMS: Record<string, number> = { g: 1, oz: 28.349523125, lb: 453.59237 };
const EXPONENT: Record<string, number> = { oz: -2, lb: -3 };

/**
 * A scale that is not there: it settles, trembles, tares, changes its unit, switches itself off and refuses too much, and it says so
 * in the very reports that a scale on the cable sends. `tick` moves its time on, so that a test needs no clock.
 */
export class SimulatedScale implements ScaleLink {
  readonly name = "";
  isOn = true;
  private isWeak = false;
  private readonly settings: Settings;
  private load = 0;
  private zero = 0;
  private settling = 0;
  private idle = 0;
  private unit = 0;
  private random: number;
  private listen: (report: ReturnType<typeof decode>) => void = () => {};
  private timer: ReturnType<typeof setInterval> | undefined;

  constructor(settings: Partial<Settings> = {}) {
    this.settings = { step: 1, capacity: 5000, noise: 0.8, autoOff: 120_000, seed: 7, ...settings };
    this.random = this.settings.seed;
  }

  async open(listen: Parameters<ScaleLink["open"]>[0]) {
    this.listen = listen;
    this.timer = setInterval(() => this.tick(REPORT_MS), REPORT_MS);
  }

  close() {
    clearInterval(this.timer);
  }

  power() {
    this.isOn = !this.isOn;
    this.touched();
    this.unit = 0;
    this.zero = this.load; // it comes on at zero, whatever lies on it
  }

  tare() {
    this.touched();
    if (this.isOn) this.zero = this.load;
  }

  nextUnit() {
    this.touched();
    if (this.isOn) this.unit = (this.unit + 1) % UNITS.length;
  }

  /** A weak battery: it goes dark much sooner, and the tare with it. */
  weaken() {
    this.isWeak = !this.isWeak;
    this.touched();
  }

  /** g put on, or taken off */
  put(grams: number) {
    this.load = Math.max(0, this.load + grams);
    this.settling = SETTLE_MS * 4;
    this.touched();
  }

  /** Moves its time on and sends what it shows then; nothing while it is off. */
  tick(ms: number) {
    this.settling = Math.max(0, this.settling - ms);
    this.idle += ms;
    if (this.isOn && this.idle >= (this.isWeak ? WEAK_OFF_MS : this.settings.autoOff)) {
      this.isOn = false; // and the tare is lost
      this.zero = 0;
    }
    this.listen(this.isOn ? decode(this.report()) : null);
  }

  /** The bytes of the report now. */
  report(): Uint8Array {
    const { step, capacity, noise } = this.settings;
    const unit = UNITS[this.unit] ?? "g";
    const exponent = EXPONENT[unit] ?? Math.min(0, Math.floor(Math.log10(step)));
    if (this.load > capacity) return encode("over", unit, exponent, 0);
    const trembling =
      this.settling > 0 ? noise * Math.exp(1 - (SETTLE_MS * 4 - this.settling) / SETTLE_MS) * this.normal() : 0;
    const net = this.load - this.zero + trembling;
    const inSteps = unit === "g" ? Math.round(net / step) * step : net / (GRAMS[unit] ?? 1);
    const count = Math.round(Math.abs(inSteps) / 10 ** exponent);
    const status: Status = net < -step / 2 ? "under" : this.settling > 0 ? "moving" : count === 0 ? "zero" : "stable";
    return encode(status, unit, exponent, Math.min(count, 0xffff));
  }

  private touched() {
    this.idle = 0;
  }

  /** A fixed sequence that looks like chance; near enough to normal. */
  private normal(): number {
    let sum = -3;
    for (let i = 0; i < 6; i++) {
      this.random = (this.random * 48271) % 2147483647;
      sum += this.random / 2147483647;
    }
    return sum;
  }
}
