import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import AskOnce from "../kit/AskOnce";
import type { Station } from "./board";
import { useDesk } from "./desk";

type Props = {
  look: Schemas["GateLook"];
  station: Station;
  /** what of the counter nobody looked at */
  missing: string[];
  isOpen: boolean;
  back: number;
  sendBackAll: () => void;
};

/** What is open, what it does to the bake, and the way on: one tap where nothing is open, asked once where something is. */
export default function GateFoot({ look, station, missing, isOpen, back, sendBackAll }: Props) {
  const { t, i18n } = useTranslation();
  const { say, problem, isPending } = useDesk();
  const at = { station_id: station.id };
  const count = look.open.length;
  const not = new Intl.ListFormat(i18n.language, { type: "conjunction" }).format(missing);
  return (
    <footer className={`gate-foot ${count > 0 ? "is-open" : ""}`}>
      <div>
        <b>{look.still ?? t("gate.nothingOpen")}</b>
        {look.consequences.map((one) => (
          <span key={one} className="block">
            {one}
          </span>
        ))}
        {missing.length > 0 && <span className="soft block">{t("gate.notSeen", { what: not })}</span>}
        {problem && <span className="field-problem block">{problem}</span>}
      </div>
      {isOpen && (
        <div className="gate-go">
          {station.released ? (
            <>
              <b>{t("board.released")}</b>
              <button type="button" className="btn btn-outline" onClick={() => say({ kind: "closed-again", ...at })}>
                {t("board.closeAgain")}
              </button>
            </>
          ) : count === 0 ? (
            <button
              type="button"
              className="btn btn-primary"
              aria-busy={isPending}
              onClick={() => say({ kind: "released", ...at })}
            >
              {t("gate.let", { station: station.name })} <kbd className="kbd">A</kbd>
            </button>
          ) : (
            <>
              <AskOnce
                className="btn btn-outline"
                question={t("gate.letSure", { count })}
                yes={t("gate.letYes")}
                onYes={() => say({ kind: "released", ...at, detail: { open: count } })}
              >
                {t("gate.letOpen", { count })}
              </AskOnce>
              {back > 0 && (
                <button type="button" className="btn btn-primary" onClick={sendBackAll}>
                  {t("gate.backAll", { count: back })} <kbd className="kbd">B</kbd>
                </button>
              )}
            </>
          )}
        </div>
      )}
    </footer>
  );
}
