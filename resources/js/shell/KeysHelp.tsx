import { type RefObject, useId } from "react";
import { useTranslation } from "react-i18next";
import { useLetters } from "./useShortcuts";

const GOING = ["T", "P", "A", "L", "D", "I", "C"] as const;
const ALSO = [
  ["J K", "keys.rows"],
  ["S", "keys.settle"],
  ["/", "keys.find"],
  ["?", "keys.this"],
] as const;
const BOARD = ["arrows", "enter", "esc", "h", "a", "b", "1", "z", "p"] as const;

/** The keys of every teacher's screen and of the board; single letters can be turned off here. Esc closes it, and the focus goes back. */
export default function KeysHelp({ dialog }: { dialog: RefObject<HTMLDialogElement | null> }) {
  const { t } = useTranslation();
  const title = useId();
  const [isOn, turn] = useLetters();
  return (
    <dialog ref={dialog} className="keys-help" aria-labelledby={title}>
      <h2 id={title} className="h2rim">
        {t("keys.title")}
      </h2>
      <h3>{t("keys.everywhere")}</h3>
      <dl>
        {GOING.map((letter) => (
          <div key={letter}>
            <dt>
              <kbd className="kbd">G</kbd> <kbd className="kbd">{letter}</kbd>
            </dt>
            <dd>{t(`keys.go-${letter.toLowerCase()}`)}</dd>
          </div>
        ))}
        {ALSO.map(([key, does]) => (
          <div key={key}>
            <dt>
              <kbd className="kbd">{key}</kbd>
            </dt>
            <dd>{t(does)}</dd>
          </div>
        ))}
      </dl>
      <h3>{t("keys.board")}</h3>
      <dl>
        {BOARD.map((one) => (
          <div key={one}>
            <dt>
              <kbd className="kbd">{t(`keys.key-${one}`)}</kbd>
            </dt>
            <dd>{t(`keys.does-${one}`)}</dd>
          </div>
        ))}
      </dl>
      <label className="flex min-h-11 items-center gap-2">
        <input type="checkbox" className="size-5" checked={isOn} onChange={() => turn(!isOn)} />
        {t("keys.letters")}
      </label>
      <form method="dialog">
        <button type="submit" className="btn btn-outline min-h-11">
          {t("keys.close")}
        </button>
      </form>
    </dialog>
  );
}
