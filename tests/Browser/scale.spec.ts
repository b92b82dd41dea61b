import { encode } from "../../resources/js/scale/report";
import {
  button,
  expect,
  expectAccessible,
  expectLargeTargets,
  measure,
  type Page,
  tabletIs,
  test,
  toScale,
} from "./school";

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

  test("is asked for by its usage page, read when it stands still, and its number taken", async ({ page, school }) => {
    await plug(page);
    await tabletIs(page, school, "Linden", "Pell");
    await measure(page, "cardamom");
    await button(page, "Read the scale").click();
    await button(page, "Connect the scale").click();
    expect(await page.evaluate(() => (navigator as unknown as { hid: { asked: unknown[] } }).hid.asked)).toEqual([
      { filters: [{ usagePage: 0x8d }] },
    ]);
    await send(page, encode("zero", "g", -1, 0), 4);
    await send(page, encode("moving", "g", -1, 29));
    await expect(page.locator(".read-scale .readout")).toHaveText("2.9");
    await expect(button(page, "Use this weight")).toBeDisabled();
    await send(page, encode("stable", "g", -1, 31), 3);
    await expect(button(page, "Use this weight")).toBeDisabled(); // not steady long enough
    await send(page, encode("over", "g", -1, 0));
    await expect(button(page, "Use this weight")).toBeDisabled();
    await send(page, encode("stable", "g", -1, 31), 4);
    await expect(page.getByText("Ready.", { exact: true })).toBeVisible();
    await expectAccessible(page);
    await expectLargeTargets(page);
    await button(page, "Use this weight").click();
    await expect(page.getByLabel("Grams typed")).toHaveValue("3.1");
    // The next weigh-in reads it again, and nobody is asked.
    await page.getByRole("button", { name: "Back" }).click();
    await toScale(page);
    await expect(async () => {
      await send(page, encode("stable", "g", -1, 30), 4); // a scale sends all the time
      await expect(page.locator(".read-scale .readout")).toHaveText("3.0", { timeout: 500 });
    }).toPass();
    await page.evaluate(() => (window as unknown as { unplug: () => void }).unplug());
    await expect(button(page, "Connect the scale")).toBeVisible();
    await expect(button(page, "Use this weight")).toBeDisabled();
  });
});
