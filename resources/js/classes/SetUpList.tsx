import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import EditableList from "../kit/EditableList";
import { type Class, useClassRefresh } from "./class";

/** What every station checks off before it may measure; what the foods may do harm with is always asked. */
export default function SetUpList({ one }: { one: Class }) {
  const { t } = useTranslation();
  const keeping = useSend("put", "/api/sections/{section}/set-up", useClassRefresh());
  return (
    <section>
      <h2 className="h2rim">{t("class.setUp")}</h2>
      <p className="soft">{t("class.setUpHint")}</p>
      <EditableList
        points={one.set_up}
        problem={keeping.says}
        keep={(body) => keeping.send({ params: { path: { section: one.id } }, body })}
      />
    </section>
  );
}
