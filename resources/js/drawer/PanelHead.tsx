import { useTranslation } from "react-i18next";
import KitchenFraction from "../kit/KitchenFraction";

/** What a panel of the drawer is about, and the way to close it. */
export default function PanelHead({ name, close }: { name: string; close: () => void }) {
  const { t } = useTranslation();
  return (
    <header>
      <h2 className="running">
        <KitchenFraction>{name}</KitchenFraction>
      </h2>
      <button type="button" className="quiet underline" onClick={close}>
        {t("recipe.close")}
      </button>
    </header>
  );
}
