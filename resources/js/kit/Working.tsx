import { useRef } from "react";
import { useTranslation } from "react-i18next";
import KitchenFraction from "./KitchenFraction";

/** How a figure came about, a tap away: the screen keeps its place. */
export default function Working({ sentences }: { sentences: string[] }) {
  const { t } = useTranslation();
  const sheet = useRef<HTMLDialogElement>(null);
  return (
    <>
      <button type="button" className="quiet" onClick={() => sheet.current?.showModal()}>
        {t("result.how")}
      </button>
      <dialog ref={sheet} className="reasons" aria-labelledby="working-title">
        <h2 id="working-title" className="h2rim">
          {t("result.how")}
        </h2>
        <ul>
          {sentences.map((sentence) => (
            <li key={sentence} className="running">
              <KitchenFraction>{sentence}</KitchenFraction>
            </li>
          ))}
        </ul>
        <form method="dialog">
          <button type="submit" className="btn btn-primary btn-second">
            {t("result.back")}
          </button>
        </form>
      </dialog>
    </>
  );
}
