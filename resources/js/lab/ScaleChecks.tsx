import { useTranslation } from "react-i18next";
import { Tick } from "../kit/icons";
import type { Board } from "./board";
import ScaleCheck from "./ScaleCheck";

/** Each scale against a known weight, before anybody trusts it. */
export default function ScaleChecks({ board }: { board: Board }) {
  const { t } = useTranslation();
  const open = board.scales.filter((scale) => !scale.passed);
  return (
    <section>
      <h3 className="side-h">{t("board.scales")}</h3>
      {open.length > 0 && <p className="soft">{t("board.scalesHint")}</p>}
      <ul>
        {board.scales.map((scale) => (
          <li key={scale.id} className="scale-check">
            <b>{scale.name}</b>
            {scale.passed ? (
              <span className="flex items-center gap-1">
                <Tick size={18} /> {t("board.scalePassed")}
              </span>
            ) : (
              <ScaleCheck lab={board.lab.id} scale={scale.id} failed={scale.checked} />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
