import { useTranslation } from "react-i18next";
import { useFocusKept } from "../kit/useFocusKept";
import type { Sheet } from "./recipe";
import SettleQuestion from "./SettleQuestion";
import UnreadLines from "./UnreadLines";

/** The questions that lines leave open; most are answered by one tap. */
export default function Settle({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const asked = sheet.lines.filter((line) => line.questions.length > 0 || line.own_grams?.asks);
  const unread = asked.filter((line) => line.status === "unread");
  const must = asked.filter((line) => line.open && !(unread.length > 1 && unread.includes(line)));
  const may = asked.filter((line) => !line.open);
  const heading = useFocusKept<HTMLHeadingElement>(asked.length);
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
      {unread.length > 1 && <UnreadLines recipe={sheet.id} lines={unread} />}
      {must.map((line) => (
        <SettleQuestion key={line.id} recipe={sheet.id} line={line} />
      ))}
      {may.length > 0 && <h3 className="side-h pt-4">{t("recipe.worth")}</h3>}
      {may.map((line) => (
        <SettleQuestion key={line.id} recipe={sheet.id} line={line} />
      ))}
    </section>
  );
}
