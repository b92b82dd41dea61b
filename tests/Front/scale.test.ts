import { describe, expect, it } from "vitest";
import { Capture } from "../../resources/js/scale/capture";
import { decode, encode } from "../../resources/js/scale/report";
import { SimulatedScale } from "../../resources/js/scale/simulated";

describe("a scale's reports", () => {
  for (const [what, bytes, expected] of [
    ["219 g, still", [4, 2, 0, 219, 0], { status: "stable", unit: "g", shown: "219", grams: 219 }],
    ["3.4 g by tenths", [4, 2, 255, 34, 0], { status: "stable", unit: "g", shown: "3.4", grams: 3.4 }],
    ["1200 g in two bytes", [4, 2, 0, 0xb0, 0x04], { status: "stable", unit: "g", shown: "1200", grams: 1200 }],
    ["7.72 oz", [4, 11, 254, 0x04, 0x03], { status: "stable", unit: "oz", shown: "7.72", grams: 218.858319 }],
    ["0.483 lb", [4, 12, 253, 0xe3, 0x01], { status: "stable", unit: "lb", shown: "0.483", grams: 219.085115 }],
    ["1.2 kg", [4, 3, 255, 12, 0], { status: "stable", unit: "kg", shown: "1.2", grams: 1200 }],
    ["zero", [2, 2, 0, 0, 0], { status: "zero", unit: "g", shown: "0", grams: 0 }],
    ["moving", [3, 2, 0, 100, 0], { status: "moving", unit: "g", shown: "100", grams: 100 }],
    ["too much", [6, 2, 0, 0, 0], { status: "over", unit: "g", shown: "0", grams: null }],
    ["below zero", [5, 2, 0, 187, 0], { status: "under", unit: "g", shown: "−187", grams: null }],
    ["a fault", [1, 2, 0, 9, 0], { status: "fault", unit: "g", shown: "9", grams: null }],
    ["a unit nobody cooks by", [4, 4, 0, 9, 0], { status: "stable", unit: "?", shown: "9", grams: null }],
  ] as const) {
    it(what, () => {
      const hex = bytes.slice(0, 5).map((byte) => byte.toString(16).padStart(2, "0"));
      expect(decode(Uint8Array.from(bytes))).toEqual({ ...expected, bytes: hex.join("") });
    });
  }
  it("what is no report is refused", () => {
    for (const bytes of [[], [4, 2, 0, 9], [0, 2, 0, 9, 0], [99, 2, 0, 9, 0], [4, 2, 100, 9, 0]]) {
      expect(decode(Uint8Array.from(bytes))).toBeNull();
    }
  });
  it("what was written is read again", () => {
    for (let count = 0; count < 65536; count += 97) {
      expect(decode(encode("stable", "g", -1, count))?.grams).toBeCloseTo(count / 10, 6);
    }
  });
});

describe("the simulated scale", () => {
  const weigh = (act: (scale: SimulatedScale, wait: (ms: number) => void) => void) => {
    const scale = new SimulatedScale();
    const capture = new Capture();
    let look = capture.look(null);
    const wait = (ms: number) => {
      for (let t = 0; t < ms; t += 100) {
        scale.tick(100);
        look = capture.look(scale.isOn ? decode(scale.report()) : null);
      }
    };
    wait(500);
    act(scale, wait);
    return look;
  };
  it("settles before it may be read, and not sooner", () => {
    const soon = weigh((scale, wait) => {
      scale.put(219);
      wait(300);
    });
    expect(soon.take).toBeNull();
    expect(soon.says).toBe("moving");
    const later = weigh((scale, wait) => {
      scale.put(219);
      wait(3000);
    });
    expect(later).toMatchObject({ take: 219, says: "steady" });
  });
  it("a bowl that was tared is not counted; one that was not is noticed", () => {
    const tared = weigh((scale, wait) => {
      scale.put(187);
      wait(3000);
      scale.tare();
      wait(500);
      scale.put(219);
      wait(3000);
    });
    expect(tared).toMatchObject({ take: 219, says: "steady" });
    const forgotten = weigh((scale, wait) => {
      scale.put(187);
      wait(3000);
      scale.put(219);
      wait(3000);
    });
    expect(forgotten).toMatchObject({ take: 406, says: "tare" });
  });
  it("too much taken back before the next tare is correct work", () => {
    const look = weigh((scale, wait) => {
      scale.put(240);
      wait(3000);
      scale.put(-21);
      wait(3000);
    });
    expect(look).toMatchObject({ take: 219, says: "steady" });
  });
  it("another unit is told in grams, with a word", () => {
    const look = weigh((scale, wait) => {
      scale.put(219);
      scale.nextUnit();
      wait(3000);
    });
    expect(look.says).toBe("unit");
    expect(look.take).toBeCloseTo(219, 0);
  });
  it("overload, below zero, and switching itself off give nothing to take", () => {
    const over = weigh((scale, wait) => {
      scale.put(6000);
      wait(3000);
    });
    expect(over).toMatchObject({ take: null, says: "over" });
    const under = weigh((scale, wait) => {
      scale.put(187);
      wait(3000);
      scale.tare();
      scale.put(-187);
      wait(3000);
    });
    expect(under).toMatchObject({ take: null, says: "under" });
    const off = weigh((scale, wait) => {
      scale.put(187);
      wait(125_000);
    });
    expect(off).toMatchObject({ take: null, says: "off" });
    const weak = weigh((scale, wait) => {
      scale.put(187);
      scale.weaken();
      wait(12_000);
    });
    expect(weak).toMatchObject({ take: null, says: "off" });
  });
});
