import { Capture } from "../../resources/js/scale/capture";
import { decode, encode } from "../../resources/js/scale/report";
import { SimulatedScale } from "../../resources/js/scale/simulated";
import { button, expect, expectAccessible, expectLargeTargets, measure, type Page, tabletIs, test } from "./school";

// No browser in these: bytes in, weights out.
test.describe("a scale's reports", () => {
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
    test(what, () => {
      expect(decode(Uint8Array.from(bytes))).toEqual(expected);
    });
  }
  test("what is no report is refused", () => {
    for (const bytes of [[], [4, 2, 0, 9], [0, 2, 0, 9, 0], [99, 2, 0, 9, 0], [4, 2, 100, 9, 0]]) {
      expect(decode(Uint8Array.from(bytes))).toBeNull();
    }
  });
  test("what was written is read again", () => {
    for (let count = 0; count < 65536; count += 97) {
      expect(decode(encode("stable", "g", -1, count))?.grams).toBeCloseTo(count / 10, 6);
    }
  });
});

test.describe("the simulated scale", () => {
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
  test("settles before it may be read, and not sooner", () => {
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
  test("a bowl that was tared is not counted; one that was not is noticed", () => {
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
  test("too much taken back before the next tare is correct work", () => {
    const look = weigh((scale, wait) => {
      scale.put(240);
      wait(3000);
      scale.put(-21);
      wait(3000);
    });
    expect(look).toMatchObject({ take: 219, says: "steady" });
  });
  test("another unit is told in grams, with a word", () => {
    const look = weigh((scale, wait) => {
      scale.put(219);
      scale.nextUnit();
      wait(3000);
    });
    expect(look.says).toBe("unit");
    expect(look.take).toBeCloseTo(219, 0);
  });
  test("overload, below zero, and switching itself off give nothing to take", () => {
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

test.describe("a scale on the cable", () => {
  /** A device as the browser's WebHID hands it out, that sends the bytes it is given. */
  const plug = (page: Page) =>
    page.addInitScript(() => {
      const device = Object.assign(new EventTarget(), {
        productName: "Kitchen scale",
        collections: [{ usagePage: 0x8d }],
        opened: false,
        open: async () => {
          device.opened = true;
        },
        close: async () => {
          device.opened = false;
        },
      });
      const hid = Object.assign(new EventTarget(), {
        asked: [] as unknown[],
        getDevices: async () => (hid.asked.length > 0 ? [device] : []), // once given, the browser remembers
        requestDevice: async (options: unknown) => {
          hid.asked.push(options);
          return [device];
        },
      });
      Object.defineProperty(navigator, "hid", { value: hid });
      Object.assign(window, {
        sends: (bytes: number[]) =>
          device.dispatchEvent(
            Object.assign(new Event("inputreport"), { reportId: 3, data: new DataView(Uint8Array.from(bytes).buffer) }),
          ),
        unplug: () => hid.dispatchEvent(Object.assign(new Event("disconnect"), { device })),
      });
    });
  const send = (page: Page, bytes: Uint8Array, times = 1) =>
    page.evaluate(
      ([bytes, times]) => {
        for (let n = 0; n < times; n++) (window as unknown as { sends: (b: readonly number[]) => void }).sends(bytes);
      },
      [[...bytes], times] as const,
    );

  test("is asked for by its usage page, read when it stands still, and its number taken", async ({ page }) => {
    await plug(page);
    await tabletIs(page, "LINDE234", "Pell");
    await measure(page, "cardamom");
    await button(page, "Read the scale").click();
    await button(page, "Connect the scale").click();
    expect(await page.evaluate(() => (navigator as unknown as { hid: { asked: unknown[] } }).hid.asked)).toEqual([
      { filters: [{ usagePage: 0x8d }] },
    ]);
    await send(page, encode("zero", "g", -1, 0), 4);
    await send(page, encode("moving", "g", -1, 29));
    await expect(page.locator(".read-scale .readout")).toHaveText("2.9");
    await expect(button(page, "Take this reading")).toBeDisabled();
    await send(page, encode("stable", "g", -1, 31), 3);
    await expect(button(page, "Take this reading")).toBeDisabled(); // not steady long enough
    await send(page, encode("over", "g", -1, 0));
    await expect(button(page, "Take this reading")).toBeDisabled();
    await send(page, encode("stable", "g", -1, 31), 4);
    await expect(page.getByText("Steady.", { exact: true })).toBeVisible();
    await expectAccessible(page);
    await expectLargeTargets(page);
    await button(page, "Take this reading").click();
    await expect(page.getByLabel("Grams typed")).toHaveValue("3.1");
    // The next weigh-in reads it again, and nobody is asked.
    await page.getByRole("button", { name: "Back" }).click();
    await button(page, "To the scale").click();
    await expect(async () => {
      await send(page, encode("stable", "g", -1, 30), 4); // a scale sends all the time
      await expect(page.locator(".read-scale .readout")).toHaveText("3.0", { timeout: 500 });
    }).toPass();
    await page.evaluate(() => (window as unknown as { unplug: () => void }).unplug());
    await expect(button(page, "Connect the scale")).toBeVisible();
    await expect(button(page, "Take this reading")).toBeDisabled();
  });
});
