import { useTranslation } from "react-i18next";
import { Erase } from "../kit/icons";
import KitchenFraction from "../kit/KitchenFraction";
import type { Props } from "./answering";

const FRACTIONS = ["1/4", "1/3", "1/2", "2/3", "3/4"];

/** A number, with what it is of. */
export default function NumberField({ question, answer, marked, onAnswer }: Props) {
  const { t } = useTranslation();
  const typed = typeof answer === "string" ? answer : "";
  const put = (text: string) => onAnswer(text.trim() === "" ? undefined : text);
  return (
    <div className="p-number">
      <input
        value={typed}
        aria-label={t("practice.number")}
        placeholder="1 1/2"
        autoComplete="off"
        inputMode="text"
        maxLength={16}
        readOnly={marked !== undefined}
        onChange={(event) => put(event.target.value)}
      />
      <div className="p-keys">
        {["1", "2", "3", "4", "5", "6", "7", "8", "9", "0"].map((digit) => (
          <button
            key={digit}
            type="button"
            className="pick"
            disabled={marked !== undefined}
            onClick={() => put(typed + digit)}
          >
            {digit}
          </button>
        ))}
        {question.figure.rings === undefined &&
          FRACTIONS.map((fraction) => (
            <button
              key={fraction}
              type="button"
              className="pick"
              disabled={marked !== undefined}
              onClick={() => put(`${typed.trim()} ${fraction}`.trim())}
            >
              <KitchenFraction>{fraction}</KitchenFraction>
            </button>
          ))}
        <button
          type="button"
          className="pick p-erase"
          aria-label={t("keypad.back")}
          disabled={marked !== undefined}
          onClick={() => put(typed.slice(0, -1))}
        >
          <Erase size={26} />
        </button>
      </div>
    </div>
  );
}
