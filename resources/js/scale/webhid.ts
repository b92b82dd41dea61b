import type { ScaleLink } from "./link";
import { decode, REPORT_ID, USAGE_PAGE } from "./report";

type Device = EventTarget & {
  productName: string;
  collections: { usagePage: number }[];
  opened: boolean;
  open(): Promise<void>;
  close(): Promise<void>;
};
type InputReport = Event & { reportId: number; data: DataView };
type Hid = EventTarget & {
  getDevices(): Promise<Device[]>;
  requestDevice(options: { filters: { usagePage: number }[] }): Promise<Device[]>;
};

const hid = () => (navigator as Navigator & { hid?: Hid }).hid;

/** Only where the browser has it, and only over HTTPS or on this machine. */
export const hasWebHid = () => hid() !== undefined;

/** The last screen may still be letting go of the device when the next one wants it. */
let closing: Promise<void> = Promise.resolve();

/** A scale on the cable. */
export class WebHidScale implements ScaleLink {
  name = "";
  private device: Device | undefined;
  private stop = () => {};

  /** Without asking where this browser has been given the scale before. */
  async open(listen: Parameters<ScaleLink["open"]>[0], mayAsk = true) {
    const usb = hid();
    const given = (await usb?.getDevices())?.find((one) => one.collections.some((of) => of.usagePage === USAGE_PAGE));
    const asked = given || !mayAsk ? [] : await usb?.requestDevice({ filters: [{ usagePage: USAGE_PAGE }] });
    const device = given ?? asked?.[0];
    if (!device) throw new Error("none");
    await closing;
    if (!device.opened) await device.open();
    this.device = device;
    this.name = device.productName;
    const hear = (event: Event) => {
      const { reportId, data } = event as InputReport;
      if (reportId === REPORT_ID || reportId === 0) {
        listen(decode(new Uint8Array(data.buffer, data.byteOffset, data.byteLength)));
      }
    };
    const gone = (event: Event) => {
      if ((event as Event & { device?: Device }).device === device) listen(null);
    };
    device.addEventListener("inputreport", hear);
    usb?.addEventListener("disconnect", gone);
    this.stop = () => {
      device.removeEventListener("inputreport", hear);
      usb?.removeEventListener("disconnect", gone);
    };
  }

  close() {
    this.stop();
    closing = this.device?.close() ?? closing;
  }
}
