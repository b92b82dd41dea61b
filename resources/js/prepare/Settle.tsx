import { useTranslation } from "react-i18next";
import { useFocusKept } from "../kit/useFocusKept";
import { asking, type Sheet } from "./recipe";
import SettleQuestion from "./SettleQuestion";
import UnreadLines from "./UnreadLines";

/** The questions that lines leave open; most are answered by one tap. */
export default function Settle({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const { all, together, must, may, numberOf } = asking(sheet);
  const heading = useFocusKept<HTMLHeadingElement>(all.length);
  return (
    <section>
      <h2 ref={heading} tabIndex={-1} className="h2rim">
        {t("recipe.settle")}
      </h2>
      {sheet.open > 0 ? (
        <p className="note">
          <b>{t("recipe.open", { count: sheet.open })}</b>
        </p>
      ) : (
        <p className="note">{t("recipe.settled")}</p>
      )}
      {together.length > 0 && <UnreadLines recipe={sheet.id} lines={together} />}
      {must.map((line) => (
        <SettleQuestion key={line.id} recipe={sheet.id} line={line} number={numberOf(line)} />
      ))}
      {may.length > 0 && <h3 className="side-h pt-4">{t("recipe.worth")}</h3>}
      {may.map((line) => (
        <SettleQuestion key={line.id} recipe={sheet.id} line={line} number={numberOf(line)} />
      ))}
    </section>
  );
}
