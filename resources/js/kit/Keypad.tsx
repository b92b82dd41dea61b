import { type PointerEvent, useRef } from "react";
import { useTranslation } from "react-i18next";
import { Erase } from "./icons";
import { decimalSign } from "./numbers";

/** Each key says how it changes what is there, so that two quick ones both count. */
type Props = { onChange: (next: (before: string) => string) => void; decimals: number; longest?: number };

/** A second touch of the same key this soon is a bounce of a wet thumb, in ms; a touch this wide is a sleeve, in px. */
const BOUNCE = 120;
const SLEEVE = 40;

/** Digits for floury hands: acts when the finger lifts inside the key it pressed; the keyboard works too. */
export default function Keypad({ onChange, decimals, longest = 8 }: Props) {
  const { t, i18n } = useTranslation();
  const last = useRef({ key: "", at: 0 });
  const sign = decimalSign(i18n.language);
  const after = (value: string, key: string) => {
    if (key === "back") return value.slice(0, -1);
    if (key === "point") return decimals > 0 && !/[.,]/.test(value) ? `${value || "0"}${sign}` : value;
    const places = value.split(/[.,]/)[1];
    if (value.length >= longest || (places !== undefined && places.length >= decimals)) return value;
    return value === "0" ? key : value + key;
  };
  const steady = (key: string, event: PointerEvent<HTMLButtonElement>) => {
    const { current: before } = last;
    const bounced = event.pointerType === "touch" && before.key === key && event.timeStamp - before.at < BOUNCE;
    last.current = { key, at: event.timeStamp };
    if (bounced || event.width > SLEEVE || event.height > SLEEVE) event.currentTarget.dataset.ignore = "yes";
    else delete event.currentTarget.dataset.ignore;
  };

  return (
    <div className="pad weigh-pad">
      {["1", "2", "3", "4", "5", "6", "7", "8", "9", "point", "0", "back"].map((key) => (
        <button
          key={key}
          type="button"
          className="key"
          disabled={key === "point" && decimals === 0}
          aria-label={
            key === "back"
              ? t("keypad.back")
              : key === "point"
                ? t(sign === "," ? "keypad.comma" : "keypad.point")
                : undefined
          }
          style={key === "point" && decimals === 0 ? { visibility: "hidden" } : undefined}
          onPointerDown={(event) => steady(key, event)}
          onClick={(event) => event.currentTarget.dataset.ignore !== "yes" && onChange((value) => after(value, key))}
        >
          {key === "back" ? <Erase size={30} /> : key === "point" ? sign : key}
        </button>
      ))}
    </div>
  );
}
