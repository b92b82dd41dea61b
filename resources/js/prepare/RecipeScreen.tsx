import "../../css/prepare.css";
import { useState } from "react";
import { useParams } from "react-router";
import { asProblem } from "../api/client";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import RecipePage from "./RecipePage";
import { useSheet, type Wanted } from "./recipe";

export default function RecipeScreen() {
  const { recipe = "" } = useParams();
  const [wanted, setWanted] = useState<Wanted>({ factor: "1" });
  const { today, section } = useClassHere();
  const sheet = useSheet(Number(recipe), { ...wanted, ...(section && { section: section.id }) }, !today.isPending);
  if (sheet.data) {
    return (
      <RecipePage
        sheet={sheet.data}
        wanted={wanted}
        want={setWanted}
        isWorking={sheet.isPlaceholderData}
        problem={sheet.isError ? asProblem(sheet.error).message : undefined}
      />
    );
  }
  if (sheet.isPending) return <Loading />;
  return <ProblemNote error={sheet.error} retry={() => setWanted({ factor: "1" })} />;
}
