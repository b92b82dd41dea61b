import "../../css/prepare.css";
import { useTranslation } from "react-i18next";
import PasteBox from "./PasteBox";
import PreparedLabs from "./PreparedLabs";
import PutAway from "./PutAway";
import RecipeList from "./RecipeList";
import TakeIn from "./TakeIn";

/** Paste a recipe; the kitchen's recipes; the labs being prepared. */
export default function Prepare() {
  const { t } = useTranslation();
  return (
    <main className="desk">
      <h1>{t("prepare.title")}</h1>
      <PasteBox />
      <div className="grid content-start gap-9">
        <RecipeList />
        <PreparedLabs />
        <TakeIn />
        <PutAway />
      </div>
    </main>
  );
}
